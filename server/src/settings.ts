/** How the server was started: from the environment, set by the start command. */
export interface Settings {
  readonly databaseUrl: string;
  readonly port: number;
  readonly webDir: string;
  readonly migrationsDir: string;
  /** sign in to the demo firm without a password */
  readonly demo: boolean;
  readonly clock?: string;
  readonly logLevel: string;
}

function required(env: NodeJS.ProcessEnv, name: string): string {
  const value = env[name];
  if (value === undefined || value === '') throw new Error(`${name} is not set. Start Oddment with ./oddment start.`);
  return value;
}

/** @throws Error where a setting is missing or cannot be */
export function settingsFrom(env: NodeJS.ProcessEnv): Settings {
  const clock = env['ODDMENT_CLOCK'];
  if (clock !== undefined && clock !== '' && Number.isNaN(Date.parse(clock))) throw new Error(`--clock is not an instant: '${clock}'. Write it like 2026-06-02T07:00:00Z.`);
  return {
    databaseUrl: required(env, 'ODDMENT_DATABASE'),
    port: Number(required(env, 'ODDMENT_PORT')),
    webDir: required(env, 'ODDMENT_WEB'),
    migrationsDir: required(env, 'ODDMENT_MIGRATIONS'),
    demo: env['ODDMENT_DEMO'] === '1',
    ...(clock !== undefined && clock !== '' && { clock }),
    logLevel: env['ODDMENT_LOG'] ?? 'warn',
  };
}
