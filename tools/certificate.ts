import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { isIP } from 'node:net';
import { parseArgs } from 'node:util';
import { command, Failure, fromHere, stateDir } from './place.ts';
import { run } from './run.ts';

const days = '397';

await command(async () => {
  const { values, positionals } = parseArgs({ args: process.argv.slice(2), allowPositionals: true, options: { out: { type: 'string' } } });
  const names = positionals.length > 0 ? positionals : ['localhost', '127.0.0.1'];
  const bad = names.find((n) => !/^[A-Za-z0-9.:-]+$/.test(n));
  if (bad !== undefined) throw new Failure(`'${bad}' is neither a host name nor an address. Write: ./oddment certificate office.local 192.0.2.10`, 2);
  const out = values.out === undefined ? join(stateDir, 'certificate') : fromHere(values.out);
  mkdirSync(out, { recursive: true, mode: 0o700 });
  const [key, cert] = [join(out, 'key.pem'), join(out, 'cert.pem')];
  if (existsSync(key)) throw new Failure(`There is a certificate in ${out} already. Move it away first, or name another directory with --out.`);
  const alternatives = names.map((n) => `${isIP(n) === 0 ? 'DNS' : 'IP'}:${n}`).join(',');
  const made = await run(
    'openssl',
    [
      'req',
      '-x509',
      '-newkey',
      'ec',
      '-pkeyopt',
      'ec_paramgen_curve:prime256v1',
      '-nodes',
      '-days',
      days,
      '-keyout',
      key,
      '-out',
      cert,
      '-subj',
      `/CN=Oddment ${names[0] ?? ''}`,
      '-addext',
      `subjectAltName=${alternatives}`,
    ],
    { quiet: true },
  );
  if (made.code !== 0) throw new Failure(`openssl could not make it: ${made.output.trim()}`);
  chmodSync(key, 0o600);
  console.log(
    `Made for ${names.join(', ')}: ${cert}\nStart with: ./oddment start --host ${names.find((n) => isIP(n) !== 0) ?? 'ADDRESS'} --tls-cert ${cert} --tls-key ${key}\nEach phone has to trust this certificate once.`,
  );
  return 0;
});
