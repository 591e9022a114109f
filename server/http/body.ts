import { getRequestHeader, type H3Event } from 'h3';
import type { z } from 'zod';
import { Fault } from '../database/faults';

/** The body as text, refused once it is over `most` bytes, whatever its length header says; the rest is let run out. */
function readText({ node: { req } }: H3Event, most: number): Promise<string> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    let size = 0;
    const take = (chunk: Buffer) => {
      size += chunk.length;
      if (size <= most) return void chunks.push(chunk);
      req.off('data', take);
      req.resume();
      reject(new Fault(413, `That is more than ${most / 1_000_000} MB, the most that can be sent at once.`));
    };
    req.on('data', take);
    req.once('end', () => resolve(Buffer.concat(chunks).toString('utf8')));
    const cutOff = () => reject(new Fault(400, 'The request was cut off before all of it was here.'));
    req.once('error', cutOff);
    req.once('close', cutOff);
  });
}

/** The body checked against its schema; a fault with a sentence for each field that is wrong. */
export async function readBody<T>(event: H3Event, schema: z.ZodType<T>, most: number): Promise<T> {
  // A form of another page can send text, but not JSON.
  if (!/^application\/json\b/i.test(getRequestHeader(event, 'content-type') ?? ''))
    throw new Fault(415, 'Send it as JSON, with the header Content-Type: application/json.');
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
  throw new Fault(422, Object.values(fields)[0]!, { fields });
}
