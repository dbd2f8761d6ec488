import type { Response } from 'express';

/** Tabs of one device, and what a roaming phone left half open. */
const MOST_OF_A_DEVICE = 12;

/** Open event streams by device. Beyond what a device needs the oldest is ended: the newest is in use. */
export class Streams {
  private readonly open = new Map<string, Set<Response>>();

  opened(device: string, response: Response): void {
    const streams = this.open.get(device) ?? new Set();
    this.open.set(device, streams.add(response));
    const [oldest] = streams;
    if (streams.size > MOST_OF_A_DEVICE) oldest?.destroy();
    response.on('close', () => {
      streams.delete(response);
      if (streams.size === 0) this.open.delete(device);
    });
  }
}
