import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, statSync, writeFileSync, existsSync } from 'node:fs';
import { get } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readFileSync } from 'node:fs';
import { afterAll, describe, expect, it } from 'vitest';
import { endure } from './enduring.ts';
import { root, stateDir } from './place.ts';
import { run } from './run.ts';

const dir = mkdtempSync(join(tmpdir(), 'oddment-net-'));
const oddment = (...args: string[]) => run(join(root, 'oddment'), args, { quiet: true });
afterAll(() => {
  rmSync(dir, { recursive: true, force: true });
});

function started(args: readonly string[]): Promise<{ address: string; end: () => Promise<void> }> {
  return new Promise((ready, failed) => {
    const child = spawn(join(root, 'oddment'), ['start', ...args], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    const ended = new Promise<void>((done) =>
      child.once('exit', () => {
        done();
      }),
    );
    const take = (chunk: Buffer) => {
      said += chunk.toString();
      const address = /runs at (\S+)/.exec(said)?.[1];
      if (address !== undefined)
        ready({
          address,
          end: async () => {
            child.kill('SIGTERM');
            await ended;
          },
        });
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    void ended.then(() => {
      failed(new Error(said));
    });
  });
}

function read(url: string, ca: Buffer, cookieOf?: (headers: NodeJS.Dict<string | string[]>) => void): Promise<{ status: number; body: string }> {
  return new Promise((done, failed) => {
    get(url, { ca }, (response) => {
      let body = '';
      cookieOf?.(response.headers);
      response.on('data', (chunk: Buffer) => {
        body += chunk.toString();
      });
      response.on('end', () => {
        done({ status: response.statusCode ?? 0, body });
      });
    }).on('error', failed);
  });
}

describe('for phones on the crew’s network', () => {
  it('serves over TLS with a certificate made here, and is refused without trust in it', async () => {
    const made = await oddment('certificate', 'localhost', '127.0.0.1', '--out', join(dir, 'certificate'));
    expect(made.output).toContain('--tls-cert');
    const [cert, key] = [join(dir, 'certificate/cert.pem'), join(dir, 'certificate/key.pem')];
    expect(statSync(key).mode & 0o077).toBe(0);
    expect((await oddment('certificate', 'localhost', '--out', join(dir, 'certificate'))).output).toContain('already');
    const server = await started(['--port', '4793', '--data', join(dir, 'tls'), '--no-demo', '--tls-cert', cert, '--tls-key', key]);
    expect(server.address).toMatch(/^https:\/\/127\.0\.0\.1:/);
    expect(
      await read(`${server.address}/healthz`, readFileSync(join(dir, 'certificate/authority.pem')), (headers) => {
        expect(headers['strict-transport-security']).toBeDefined();
      }),
    ).toEqual({ status: 200, body: '{"ok":true}' });
    await expect(read(`${server.address}/healthz`, Buffer.from(''))).rejects.toThrow();
    // what the server has vouches for nobody else
    expect((await run('openssl', ['x509', '-in', cert, '-noout', '-ext', 'basicConstraints'], { quiet: true })).output).toContain('CA:FALSE');
    await server.end();
  });

  it.each([
    ['a name and an address', ['office.local', '192.0.2.10']],
    ['a name', ['office.local']],
    ['an address', ['192.0.2.10']],
  ])('has an authority that can vouch for what it was made for, and for no other: %s', async (what, names) => {
    const out = join(dir, what.replaceAll(' ', '-'));
    expect((await oddment('certificate', ...names, '--out', out)).output).toContain('Made for');
    const verify = async (cert: string) => (await run('openssl', ['verify', '-CAfile', join(out, 'authority.pem'), cert], { quiet: true })).output;
    expect(await verify(join(out, 'cert.pem'))).toContain('OK');
    for (const name of ['DNS:bank.example', 'IP:198.51.100.1']) {
      const extensions = join(dir, 'other.cnf');
      writeFileSync(extensions, `subjectAltName=${name}\n`);
      const [key, request, cert] = ['k', 'r', 'c'].map((f) => join(dir, `other-${f}.pem`)) as [string, string, string];
      await run(
        'openssl',
        ['req', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes', '-keyout', key, '-out', request, '-subj', '/CN=Other one'],
        { quiet: true },
      );
      const signed = [
        'x509',
        '-req',
        '-in',
        request,
        '-CA',
        join(out, 'authority.pem'),
        '-CAkey',
        join(out, 'authority/key.pem'),
        '-CAcreateserial',
        '-extfile',
        extensions,
        '-out',
        cert,
      ];
      await run('openssl', signed, { quiet: true });
      expect(await verify(cert)).toMatch(/(permitted|excluded) subtree violation/);
    }
  });

  it('is refused on another host without TLS, with the reason', async () => {
    const refused = await oddment('start', '--host', '192.0.2.10');
    expect(refused.code).toBe(2);
    expect(refused.output).toContain('anybody on that network could read the passwords');
  });
});

describe('backup and restore', () => {
  it('brings everything back into an empty data directory', async () => {
    const [from, to, file] = [join(dir, 'from'), join(dir, 'to'), join(dir, 'all.backup')];
    const first = await started(['--port', '4793', '--data', from]);
    const kept = async (address: string) => {
      const session = await fetch(`${address}/api/demo-session`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' });
      const headers = { cookie: session.headers.get('set-cookie')?.split(';')[0] ?? '' };
      const [job] = (await (await fetch(`${address}/api/jobs`, { headers })).json()) as { id: string }[];
      return (await fetch(`${address}/api/jobs/${job?.id ?? ''}`, { headers })).json() as Promise<unknown>;
    };
    const before = await kept(first.address);
    expect((await oddment('backup', file, '--data', from)).output).toContain('Backed up');
    expect((await oddment('backup', file, '--data', from)).output).toContain('never written over another');
    await first.end();
    expect((await oddment('restore', file, '--data', from)).output).toContain('holds data already');
    expect((await oddment('restore', file, '--data', to)).output).toContain('Restored into');
    const second = await started(['--port', '4793', '--data', to]);
    expect(await kept(second.address)).toEqual(before);
    await second.end();
  });

  it('says in words what is wrong', async () => {
    expect((await oddment('backup', join(dir, 'x.backup'), '--data', join(dir, 'nothing'))).output).toContain('There is nothing to back up');
    expect((await oddment('restore', join(dir, 'missing.backup'), '--data', join(dir, 'fresh'))).output).toContain('is not there');
    writeFileSync(join(dir, 'broken.backup'), 'no backup');
    const broken = await oddment('restore', join(dir, 'broken.backup'), '--data', join(dir, 'broken'));
    expect(broken.output).toContain('could not be restored');
    // nothing is left of the try, and the next one is not refused for it
    expect(existsSync(join(dir, 'broken'))).toBe(false);
    expect(broken.output).toContain('nobody can tell whether');
    writeFileSync(join(dir, 'broken.backup.sha256'), `${'0'.repeat(64)}  broken.backup\n`);
    expect((await oddment('restore', join(dir, 'broken.backup'), '--data', join(dir, 'broken'))).output).toContain('is not what was backed up');
    expect((await oddment('backup')).code).toBe(2);
    expect(existsSync(join(dir, 'x.backup'))).toBe(false);
  });
});

describe('endurance, in short', () => {
  it('loses nothing acknowledged and does nothing twice over kills of server and database', async () => {
    const result = await endure({ dataDir: join(stateDir, 'endure-test'), port: 4796, rounds: 5, log: () => undefined });
    expect(result).toMatchObject({ rounds: 5, lost: 0, twice: 0 });
    expect(result.acknowledged).toBeGreaterThan(5);
  });
});
