import { routeNames, routeOf, type RouteDescription } from './routes.ts';
import { schemaOf, withSharedParts, type Schema } from './schema.ts';

const problem: Schema = {
  type: 'object',
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'what was wrong, and what would be right' },
    problems: {
      type: 'array',
      items: { type: 'object', properties: { path: { type: 'string' }, message: { type: 'string' } }, required: ['path', 'message'] },
    },
    current: { description: 'with 409: the record as it now stands' },
  },
  required: ['type', 'title', 'status', 'detail'],
};

const refusal = (description: string): Schema => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
});

function operation(name: string, route: RouteDescription): Schema {
  const { access, body, example } = route;
  const named = route.path.includes('{id}');
  return {
    operationId: name,
    summary: route.summary,
    tags: [route.path.split('/')[1] ?? ''],
    description: access === 'open' ? 'For anybody.' : `For ${access.join(', ')}.`,
    ...(access !== 'open' && { security: [{ session: [] }] }),
    ...(named && { parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }] }),
    ...(body && {
      requestBody: { required: true, content: { 'application/json': { schema: { $ref: `#/components/schemas/${body.name}` }, ...(example && { example }) } } },
    }),
    responses: {
      [String(route.status)]: { description: route.answer },
      ...(body && {
        '400': refusal('the body is not JSON'),
        '415': refusal('the body is not sent as JSON'),
        '422': refusal('something in the body is not right, with its path'),
      }),
      ...(access !== 'open' && { '401': refusal('nobody is signed in'), '403': refusal('not for this role') }),
      ...Object.fromEntries(Object.entries(route.refuses ?? {}).map(([status, why]) => [status, refusal(why)])),
      ...(named && { '404': refusal('not here, or not of this firm') }),
      ...(body && { '409': refusal('changed meanwhile, or taken') }),
    },
  };
}

/** The API as an OpenAPI 3.1 document, made from the table of routes and the contract classes. */
export function openApi(): Schema {
  const paths: Record<string, Record<string, Schema>> = {};
  const schemas: Record<string, Schema> = { Problem: problem };
  for (const name of routeNames) {
    const route = routeOf(name);
    (paths[`/api${route.path}`] ??= {})[route.method] = operation(name, route);
    if (route.body) schemas[route.body.name] = schemaOf(route.body);
  }
  const shared = withSharedParts(schemas, '#/components/schemas/');
  return {
    openapi: '3.1.0',
    info: {
      title: 'Oddment',
      version: '0.1.0',
      description: 'Patch systems, quantities and sequence for building repairs. Values in the base units of their kinds: mm, °C, percent.',
    },
    paths,
    components: { schemas: { ...shared.schemas, ...shared.parts }, securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'oddment_session' } } },
  };
}
