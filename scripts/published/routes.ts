import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import { z } from 'zod';
import type { Contract } from '../../server/http/route';

export interface PublishedRoute {
  method: 'get' | 'post' | 'put' | 'delete';
  /** As `/api/gardens/{garden}`. */
  path: string;
  contract: Contract<unknown>;
}

const FOLDER = 'server/api';

/** Every route under server/api with its contract, by address. */
export async function publishedRoutes(root: string): Promise<PublishedRoute[]> {
  const folder = join(root, FOLDER);
  const files = readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => relative(folder, join(entry.parentPath, entry.name)))
    // What answers for every address that is none is no route.
    .filter((file) => !file.startsWith('[...'))
    .sort();
  const routes = await Promise.all(
    files.map(async (file) => {
      const [, address, method] = /^(.*)\.(get|post|put|delete)\.ts$/.exec(file) ?? [];
      if (address === undefined) throw new Error(`${FOLDER}/${file} does not say its method.`);
      const path = `/api/${address}`
        .replace(/\/index$/, '')
        .replaceAll('[', '{')
        .replaceAll(']', '}');
      const { default: handler } = (await import(pathToFileURL(join(folder, file)).href)) as {
        default: { contract?: Contract<unknown> };
      };
      if (!handler.contract) throw new Error(`${FOLDER}/${file} has no contract.`);
      return { method: method as PublishedRoute['method'], path, contract: handler.contract };
    }),
  );
  return routes.sort((a, b) => (a.path < b.path ? -1 : a.path > b.path ? 1 : 0));
}

const partsOf = (path: string) => [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!);
const bodySchema = (body: z.ZodType) => {
  const { $schema: _, ...schema } = z.toJSONSchema(body, { io: 'input', unrepresentable: 'any' });
  return schema;
};
const FAULT = z.toJSONSchema(
  z.object({
    message: z.string().meta({ description: 'A sentence to show.' }),
    fields: z.record(z.string(), z.string()).optional().meta({ description: 'A sentence for each field that is wrong.' }),
    current: z.unknown().meta({ description: 'With 409: the record as it is now.' }),
  }),
  { io: 'input' },
);

/** docs/openapi.json. */
export function openApi(routes: readonly PublishedRoute[], version: string) {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const { method, path, contract } of routes) {
    const { does, body, query = {}, answers, status = 200 } = contract;
    (paths[path] ??= {})[method] = {
      summary: does,
      parameters: [
        ...partsOf(path).map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        ...Object.entries(query).map(([name, description]) => ({
          name,
          in: 'query',
          required: true,
          description,
          schema: { type: name === 'revision' ? 'integer' : 'string' },
        })),
      ],
      ...(body && { requestBody: { required: true, content: { 'application/json': { schema: bodySchema(body) } } } }),
      responses: {
        [status]: {
          description: `Answers ${answers}.`,
          ...(status === 201 && { headers: { Location: { schema: { type: 'string' }, description: 'Its address.' } } }),
        },
        default: {
          description: 'It cannot be done; nothing was changed.',
          content: { 'application/json': { schema: { $ref: '#/components/schemas/Fault' } } },
        },
      },
    };
  }
  const { $schema: _, ...fault } = FAULT;
  return {
    openapi: '3.1.0',
    info: { title: 'Outwash', version, description: 'The routes of an Outwash server. See api.md for its manners.' },
    paths,
    components: { schemas: { Fault: fault } },
  };
}

const fieldsOf = (body: z.ZodType | undefined): string => {
  if (!body) return '';
  const { properties = {}, required = [] } = bodySchema(body) as { properties?: Record<string, unknown>; required?: string[] };
  const names = Object.keys(properties).map((name) => `\`${name}\`${required.includes(name) ? '' : '?'}`);
  return names.length > 8
    ? `${names.slice(0, 7).join(', ')} and ${names.length - 7} more`
    : names.join(', ') || 'see openapi.json';
};

/** docs/api.md. */
export function apiPage(routes: readonly PublishedRoute[]): string {
  const rows = routes.map(({ method, path, contract }) => {
    const query = Object.keys(contract.query ?? {}).map((name) => `\`?${name}\``);
    const asks = [...query, fieldsOf(contract.body)].filter(Boolean).join('; ');
    return `| ${method.toUpperCase()} | \`${path.replace(/^\/api/, '')}\` | ${contract.does} | ${asks} | ${contract.status ?? 200}: ${contract.answers} |`;
  });
  return `# Routes

Made by \`npm run docs\` from the contract that every route in server/api carries; the bodies in full are in
[openapi.json](openapi.json). All addresses begin with \`/api\`. A field with a question mark may be left out.

- **Bodies and answers are JSON**, at most 1 MB; a garden file at most 4 MB, a picture 2 MB.
- **A change answers the garden as it is then**, with its history. It is one transaction: all of it or nothing.
- **Records carry a \`revision\`.** A change or a removal names the one that was seen. Where the record has moved on the answer
  is 409 with the record as it is now in \`current\`.
- **A new record** is answered with 201 and its address in \`Location\`.
- **Undo and redo** name the change that is meant by its number, as \`history\` gives it; another one is refused with 409.
- **A fault** is answered with a sentence in \`message\`, and one for each wrong field in \`fields\`: 400 unreadable, 403 a page of
  another origin, 404 not here, 409 changed since or there already, 413 too large, 421 a host name that is not the
  server's own (see OUTWASH_NAMES in the README), 422 a value that cannot be. Nothing was changed then.

| | address | does | asks | answers |
|---|---|---|---|---|
${rows.join('\n')}
`;
}
