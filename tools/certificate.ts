import { chmodSync, existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
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
  const authority = join(out, 'authority');
  const [key, cert] = [join(out, 'key.pem'), join(out, 'cert.pem')];
  if (existsSync(key)) throw new Failure(`There is a certificate in ${out} already. Move it away first, or name another directory with --out.`);
  mkdirSync(authority, { recursive: true, mode: 0o700 });
  const [rootKey, root] = [join(authority, 'key.pem'), join(out, 'authority.pem')];
  const kinds = names.map((n) => ({ n, ip: isIP(n) }));
  const alternatives = kinds.map(({ n, ip }) => `${ip === 0 ? 'DNS' : 'IP'}:${n}`).join(',');
  // an authority for these names alone: whoever trusts it trusts nothing else by it, even if its key is lost
  const permitted = kinds.map(
    ({ n, ip }) => `permitted;${ip === 0 ? `DNS:${n}` : `IP:${n}/${ip === 4 ? '255.255.255.255' : 'ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff'}`}`,
  );
  const excluded = [
    // no name that there can be: openssl does not take an empty one to exclude
    ...(kinds.every(({ ip }) => ip !== 0) ? ['permitted;DNS:invalid'] : []),
    ...(kinds.every(({ ip }) => ip !== 4) ? ['excluded;IP:0.0.0.0/0.0.0.0'] : []),
    ...(kinds.every(({ ip }) => ip !== 6) ? ['excluded;IP:::/::'] : []),
  ];
  const newKey = ['-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes'];
  const extended = (...extensions: readonly string[]) => extensions.flatMap((e) => ['-addext', e]);
  const openssl = async (...args: readonly string[]) => {
    const made = await run('openssl', args, { quiet: true });
    if (made.code !== 0) throw new Failure(`openssl could not make it: ${made.output.trim()}`);
  };
  await openssl(
    ...['req', '-x509', ...newKey, '-days', days, '-keyout', rootKey, '-out', root, '-subj', `/CN=Oddment authority for ${names[0] ?? ''}`],
    ...extended(
      'basicConstraints=critical,CA:TRUE,pathlen:0',
      'keyUsage=critical,keyCertSign',
      `nameConstraints=critical,${[...permitted, ...excluded].join(',')}`,
    ),
  );
  const [request, extensions] = [join(authority, 'request.pem'), join(authority, 'extensions.cnf')];
  await openssl('req', ...newKey, '-keyout', key, '-out', request, '-subj', `/CN=Oddment ${names[0] ?? ''}`);
  writeFileSync(
    extensions,
    `basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=${alternatives}\n`,
  );
  await openssl(
    'x509',
    '-req',
    '-in',
    request,
    '-CA',
    root,
    '-CAkey',
    rootKey,
    '-CAcreateserial',
    '-days',
    days,
    '-sha256',
    '-extfile',
    extensions,
    '-out',
    cert,
  );
  for (const secret of [key, rootKey]) chmodSync(secret, 0o600);
  for (const left of [request, extensions, join(out, 'authority.srl')]) rmSync(left, { force: true });
  console.log(
    [
      `Made for ${names.join(', ')}: ${cert}, good for ${days} days`,
      `Start with: ./oddment start --host ${names.find((n) => isIP(n) !== 0) ?? 'ADDRESS'} --tls-cert ${cert} --tls-key ${key}`,
      `Each phone trusts this once: ${root}`,
      `Move ${authority} off this machine, to a stick in a drawer: the server does not need it, and whoever has it can be ${names.join(' or ')}.`,
    ].join('\n'),
  );
  return 0;
});
