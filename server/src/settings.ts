/** How the server was started: from the environment, set by the start command. */
export interface Settings {
  readonly databaseUrl: string;
  /** of the role that may change its tables, where the server's own may not */
  readonly databaseOwnerUrl?: string;
  readonly port: number;
  readonly host: string;
  /** names and addresses it goes by besides loopback: a page of any other name gets nothing */
  readonly names: readonly string[];
  /** files of certificate and key; needed for any host but loopback */
  readonly tls?: { readonly cert: string; readonly key: string };
  readonly webDir: string;
  readonly migrationsDir: string;
  /** sign in to the demo firm without a password */
  readonly demo: boolean;
  readonly clock?: string;
  readonly logLevel: string;
  /** address of a weather service; none where there is none */
  readonly weatherUrl?: string;
  /** host and port of the line to the instruments */
  readonly instruments?: { readonly host: string; readonly port: number };
}

function required(env: NodeJS.ProcessEnv, name: string): string {
  const value = env[name];
  if (value === undefined || value === '') throw new Error(`${name} is not set. Start Oddment with ./oddment start.`);
  return value;
}

/** Whether an address is this machine only. */
export function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);
}

/** The name that a Host header or an address names, without its port and in small letters. */
export function nameIn(host: string): string {
  return host
    .toLowerCase()
    .replace(/:\d+$/, '')
    .replace(/^\[(.*)\]$/, '$1')
    .replace(/\.$/, '');
}

/** Whether a server goes by a name: by loopback always, else by those it was started with, `*.firm.example` for any below. */
export function goesBy(names: readonly string[], name: string): boolean {
  return isLoopback(name) || names.some((own) => own.toLowerCase() === name || (own.startsWith('*.') && name.endsWith(own.slice(1).toLowerCase())));
}

const namesFrom = (list = '') => list.split(',').filter((name) => name !== '');

function databaseFrom(env: NodeJS.ProcessEnv): Pick<Settings, 'databaseUrl' | 'databaseOwnerUrl'> {
  const owner = env['ODDMENT_DATABASE_OWNER'] ?? '';
  return { databaseUrl: required(env, 'ODDMENT_DATABASE'), ...(owner !== '' && { databaseOwnerUrl: owner }) };
}

/** @throws Error where a setting is missing or cannot be */
export function settingsFrom(env: NodeJS.ProcessEnv): Settings {
  const clock = env['ODDMENT_CLOCK'];
  if (clock !== undefined && clock !== '' && Number.isNaN(Date.parse(clock)))
    throw new Error(`--clock is not an instant: '${clock}'. Write it like 2026-06-02T07:00:00Z.`);
  const host = env['ODDMENT_HOST'] ?? '127.0.0.1';
  const [cert, key] = [env['ODDMENT_TLS_CERT'] ?? '', env['ODDMENT_TLS_KEY'] ?? ''];
  if (!isLoopback(host) && (cert === '' || key === ''))
    throw new Error(`Without TLS anybody on the network could read passwords: ${host} needs a certificate and its key.`);
  const [weather, line] = [env['ODDMENT_WEATHER'] ?? '', env['ODDMENT_INSTRUMENTS'] ?? ''];
  if (weather !== '' && !(URL.canParse(weather) && /^https?:$/.test(new URL(weather).protocol)))
    throw new Error(`--weather is not an address: '${weather}'. Write it like http://127.0.0.1:8090.`);
  const place = /^([^:\s]+):(\d{1,5})$/.exec(line);
  if (line !== '' && !place) throw new Error(`--instruments is not a host and a port: '${line}'. Write it like 127.0.0.1:8091.`);
  return {
    host,
    names: namesFrom(env['ODDMENT_NAMES']),
    ...(weather !== '' && { weatherUrl: weather }),
    ...(place && { instruments: { host: place[1] ?? '', port: Number(place[2]) } }),
    ...(cert !== '' && key !== '' && { tls: { cert, key } }),
    ...databaseFrom(env),
    port: Number(required(env, 'ODDMENT_PORT')),
    webDir: required(env, 'ODDMENT_WEB'),
    migrationsDir: required(env, 'ODDMENT_MIGRATIONS'),
    demo: env['ODDMENT_DEMO'] === '1',
    ...(clock !== undefined && clock !== '' && { clock }),
    logLevel: env['ODDMENT_LOG'] ?? 'warn',
  };
}
