// Plain JavaScript: runs before anything is installed.
import { spawn } from 'node:child_process';

/** The phases of a run: what each said, and how long it took. The first that fails ends the run with its code. */
export class Phases {
  #times = [];

  /**
   * Runs one command. What it says is shown when it has ended, so that two lanes do not speak at once; with `isAlone`
   * as it says it.
   */
  run(name, command, args, { isAlone = false } = {}) {
    return this.timed(name, () => {
      const child = spawn(command, args, {
        env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' },
        stdio: isAlone ? 'inherit' : ['ignore', 'pipe', 'pipe'],
      });
      const said = [];
      child.stdout?.on('data', (part) => said.push(part));
      child.stderr?.on('data', (part) => said.push(part));
      if (isAlone) console.log(`\n— ${name}`);
      return new Promise((resolve) => {
        child.on('close', (code) => {
          if (!isAlone) console.log(`\n— ${name}`);
          process.stdout.write(Buffer.concat(said));
          if (code !== 0) {
            this.tell();
            console.log(`${name} failed.`);
            process.exit(code ?? 1);
          }
          resolve();
        });
      });
    });
  }

  /** Does some work and notes how long it took. */
  async timed(name, work) {
    const begun = performance.now();
    await work();
    this.#times.push([name, (performance.now() - begun) / 1000]);
  }

  /** Tells how long each phase took, in the order in which they ended, and all of them by the clock on the wall. */
  tell() {
    console.log('\nSeconds of each phase (two lanes run side by side):');
    for (const [name, seconds] of [...this.#times, ['All', performance.now() / 1000]])
      console.log(`${seconds.toFixed(0).padStart(6)}  ${name}`);
  }
}
