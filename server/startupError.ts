/** Why the server cannot start, in one sentence for whoever starts it. No stack helps there. */
export class StartupError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'StartupError';
  }
}
