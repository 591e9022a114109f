import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { describe, expect, it } from 'vitest';
import { publishedPages } from './pages';
import { apiPage, openApi, type PublishedRoute } from './routes';

describe('the pages made from the code', async () => {
  const pages = await publishedPages(process.cwd());
  it.each(Object.keys(pages))('docs/%s says what the code says: npm run docs writes it again', (name) => {
    expect(readFileSync(`docs/${name}`, 'utf8')).toBe(pages[name]);
  });
  it('describe the file of every demo garden', () => {
    const schema = z.fromJSONSchema(JSON.parse(pages['garden-file.schema.json']!) as never);
    for (const name of ['kettle-pond-commons', 'juniper-wash', 'fourth-floor-brickyard-row'])
      expect(schema.safeParse(JSON.parse(readFileSync(`demo/${name}.json`, 'utf8'))).success, name).toBe(true);
    expect(schema.safeParse({ format: 'outwash-garden' }).success).toBe(false);
  });
});

describe('a route', () => {
  const route: PublishedRoute = {
    method: 'post',
    path: '/api/beds/{bed}/rows',
    contract: {
      does: 'Adds a row.',
      body: z.object({ length: z.number().max(9), note: z.string().default('') }),
      query: { revision: 'The revision seen.' },
      answers: 'the bed',
      status: 201,
    },
  };
  it('stands in OpenAPI with its parameters, its body as it may be sent and its answers', () => {
    const { paths } = openApi([route], '1.2.3');
    const post = paths['/api/beds/{bed}/rows']!.post as Record<string, object>;
    expect(post['parameters']).toEqual([
      { name: 'bed', in: 'path', required: true, schema: { type: 'string' } },
      { name: 'revision', in: 'query', required: true, description: 'The revision seen.', schema: { type: 'integer' } },
    ]);
    expect(post['requestBody']).toMatchObject({
      content: {
        'application/json': {
          schema: { properties: { length: { type: 'number', maximum: 9 }, note: { type: 'string' } }, required: ['length'] },
        },
      },
    });
    expect(Object.keys(post['responses']!)).toEqual(['201', 'default']);
  });
  it('stands in the page with what it asks', () => {
    expect(apiPage([route])).toContain(
      '| POST | `/beds/{bed}/rows` | Adds a row. | `?revision`; `length`, `note`? | 201: the bed |',
    );
  });
});
