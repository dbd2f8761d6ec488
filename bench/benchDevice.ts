import { Agent, request, type IncomingMessage } from 'node:http';
import type pg from 'pg';
import { lockside } from '../demo/shops';
import { DeviceAt } from '../server/tests/copy';

/**
 * A device at which the whole crew of the demo's first shop has proved itself, sending over connections
 * that stay open: what it costs to send is not to be most of what is measured.
 */
export class BenchDevice {
  private constructor(
    readonly id: string,
    private readonly cookie: string,
    private readonly agent: Agent,
  ) {}

  /** @param owner of the server's database: the crew's proofs are written there, as tries at a PIN are few */
  static async signedIn(address: string, owner: pg.Client, agent: Agent): Promise<BenchDevice> {
    const device = new DeviceAt(address);
    await device.signIn(lockside, 'TR');
    const id = device.session?.device ?? '';
    await owner.query(
      `INSERT INTO proofs SELECT shop_id, $2, member_id, now() FROM members WHERE shop_id = $1
       ON CONFLICT DO NOTHING`,
      [lockside.id, id],
    );
    return new BenchDevice(id, device.cookie, agent);
  }

  get(address: string, path: string): Promise<string> {
    return this.ask(address, path, 'GET');
  }

  /** Sent again where the server had just closed the connection, as a device does. */
  post(address: string, path: string, body: string): Promise<string> {
    const send = (): Promise<string> => this.ask(address, path, 'POST', body);
    return send().catch((error: NodeJS.ErrnoException) => {
      if (error.code !== 'ECONNRESET') throw error;
      return send();
    });
  }

  /** Listens to a job and throws away what it hears; returns how to stop. */
  async listen(address: string, jobId: string): Promise<() => void> {
    const url = `${address}/api/jobs/${jobId}/live`;
    return new Promise((listening, failed) => {
      // A connection of its own: it does not end.
      const asked = request(url, { agent: false, headers: { cookie: this.cookie } }, (answer) => {
        answer.resume();
        listening(() => asked.destroy());
      });
      asked.on('error', failed);
      asked.end();
    });
  }

  private ask(address: string, path: string, method: string, body?: string): Promise<string> {
    const headers = { cookie: this.cookie, 'content-type': 'application/json' };
    return new Promise((answered, failed) => {
      const asked = request(address + path, { method, agent: this.agent, headers }, (answer) => {
        void textOf(answer).then(
          (text) =>
            answer.statusCode === 200 ? answered(text) : failed(new Error(text.slice(0, 500))),
          failed,
        );
      });
      asked.on('error', failed);
      asked.end(body);
    });
  }
}

async function textOf(answer: IncomingMessage): Promise<string> {
  answer.setEncoding('utf8');
  let text = '';
  for await (const part of answer) text += part as string;
  return text;
}
