import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { GardenFile } from '../../core/model/garden';
import { columnsPage } from './columns';
import { apiPage, openApi, publishedRoutes } from './routes';

/** The pages of docs/ that are made from the code, by file name. */
export async function publishedPages(root: string): Promise<Record<string, string>> {
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string };
  const routes = await publishedRoutes(root);
  const json = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`;
  return {
    'api.md': apiPage(routes),
    'openapi.json': json(openApi(routes, version)),
    'garden-file.schema.json': json({
      title: 'A garden of Outwash',
      ...z.toJSONSchema(GardenFile, { io: 'input', unrepresentable: 'any' }),
    }),
    'columns.md': columnsPage(),
  };
}
