import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';

export const ROOT = join(import.meta.dirname, '../..');

/** A server of its own that a test can stop and start again. */
export class OwnServer {
  private process: ChildProcess | null = null;

  constructor(
    private readonly folder: string,
    private readonly port: number,
  ) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const server = spawn(process.execPath, [join(this.folder, 'server/main.mjs')], {
      env: { ...process.env, PORT: String(this.port), HOST: '127.0.0.1', MOON_STEP_SCHOOL: 'own' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.process = server;
    await new Promise((resolve) => server.stdout.once('data', resolve));
  }

  async stop(): Promise<void> {
    const server = this.process;
    if (!server) return;
    this.process = null;
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGKILL');
    await gone;
  }
}
