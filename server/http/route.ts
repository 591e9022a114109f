import { defineEventHandler, getRouterParam, setResponseStatus, type H3Event } from 'h3';
import { z } from 'zod';
import { Fault } from '../database/faults';
import { useStore, type Store } from '../database/open';
import { log } from './log';

const MOST_BYTES = 1_000_000;

/** The body as text, refused once it is over `most` bytes, whatever its length header says. */
async function readText(event: H3Event, most: number): Promise<string> {
  const tooLarge = () => new Fault(413, `That is more than ${most / 1_000_000} MB, the most that can be sent at once.`);
  if (Number(event.node.req.headers['content-length'] ?? 0) > most) throw tooLarge();
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of event.node.req) {
    size += (chunk as Buffer).length;
    if (size > most) throw tooLarge();
    chunks.push(chunk as Buffer);
  }
  return Buffer.concat(chunks).toString('utf8');
}

async function readJson<T>(event: H3Event, schema: z.ZodType<T>, most: number): Promise<T> {
  const text = await readText(event, most);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Fault(400, 'What was sent is not readable as JSON.');
  }
  const result = schema.safeParse(json);
  if (result.success) return result.data;
  const fields: Record<string, string> = {};
  for (const issue of result.error.issues) fields[issue.path.join('.') || 'body'] ??= issue.message;
  const first = Object.values(fields)[0]!;
  throw new Fault(422, first, { fields });
}

export interface Request<T> extends Store {
  body: T;
  /** A part of the path, by its name. */
  param: (name: string) => string;
}

/**
 * An API route: checks the body against the schema, runs, and answers faults with their status and sentence.
 * What nobody foresaw is logged with its cause and answered calmly.
 */
export function route<T = undefined>(schema: z.ZodType<T> | null, answer: (request: Request<T>) => unknown, most = MOST_BYTES) {
  return defineEventHandler(async (event) => {
    try {
      const body = schema ? await readJson(event, schema, most) : (undefined as T);
      return await answer({ ...useStore(), body, param: (name) => getRouterParam(event, name) ?? '' });
    } catch (error) {
      if (error instanceof Fault) {
        setResponseStatus(event, error.status);
        return { message: error.message, ...error.detail };
      }
      log.error({ error, method: event.method, path: event.path }, 'A request failed for a reason nobody foresaw.');
      setResponseStatus(event, 500);
      return { message: 'Something went wrong on our side. Nothing was changed; try again in a moment.' };
    }
  });
}

/** A change to a record, with the revision that the gardener saw. */
export const withRevision = <T extends z.ZodType>(fields: T) =>
  z.object({ revision: z.number('The revision is missing.').int(), fields });
