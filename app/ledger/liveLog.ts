import type { JobEvent } from '@cardinex/core/job/act';

const REOPEN_MS = 2000;

/**
 * Listens to a job's log as it grows on the server. The browser reconnects by itself where it can;
 * where it gives up (the server was down, the job not known yet) the stream is opened anew.
 */
export class LiveLog {
  private source: EventSource | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private readonly jobId: string,
    private readonly lastSeq: () => number,
    private readonly onEvent: (event: JobEvent) => void,
  ) {}

  open(): void {
    if (this.source) return;
    const source = new EventSource(`/api/jobs/${this.jobId}/live?after=${this.lastSeq()}`);
    this.source = source;
    source.addEventListener('act', (message) =>
      this.onEvent(JSON.parse(String(message.data)) as JobEvent),
    );
    source.addEventListener('error', () => {
      if (source.readyState !== EventSource.CLOSED) return;
      this.close();
      this.timer = setTimeout(() => this.open(), REOPEN_MS);
    });
  }

  close(): void {
    if (this.timer) clearTimeout(this.timer);
    this.source?.close();
    this.source = null;
  }
}
