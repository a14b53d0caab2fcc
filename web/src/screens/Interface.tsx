import { openApi } from '@oddment/contracts';
import { Bar } from '../parts/Bar.tsx';
import { useStore } from '../state/store.ts';

interface Operation {
  readonly operationId: string;
  readonly summary: string;
  readonly description: string;
  readonly requestBody?: { readonly content: { readonly 'application/json': { readonly schema: { readonly $ref: string }; readonly example?: unknown } } };
  readonly responses: Readonly<Record<string, { readonly description: string }>>;
}

/** The API as it is documented, for who connects something to it. */
export function Interface() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const { paths, info, components } = openApi() as {
    paths: Record<string, Record<string, Operation>>;
    info: { description: string };
    components: { schemas: Record<string, unknown> };
  };
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <main className="pane sheet" style={{ overflow: 'auto', padding: '18px 22px' }}>
        <h1>Interface</h1>
        <p>
          {info.description} The whole document: <a href="/api/openapi.json">OpenAPI 3.1</a>.
        </p>
        {Object.entries(paths).flatMap(([path, methods]) =>
          Object.entries(methods).map(([method, o]) => {
            const body = o.requestBody?.content['application/json'];
            const name = body?.schema.$ref.split('/').at(-1);
            return (
              <details key={o.operationId} className="operation">
                <summary>
                  <b>
                    {method.toUpperCase()} {path}
                  </b>{' '}
                  {o.summary}
                </summary>
                <p>{o.description}</p>
                <ul>
                  {Object.entries(o.responses).map(([status, r]) => (
                    <li key={status}>
                      <b>{status}</b> {r.description}
                    </li>
                  ))}
                </ul>
                {body?.example === undefined ? null : (
                  <>
                    <h2>Example</h2>
                    <pre>{JSON.stringify(body.example, null, 2)}</pre>
                  </>
                )}
                {name === undefined ? null : (
                  <>
                    <h2>What it takes</h2>
                    <pre>{JSON.stringify(components.schemas[name], null, 2)}</pre>
                  </>
                )}
              </details>
            );
          }),
        )}
      </main>
    </div>
  );
}
