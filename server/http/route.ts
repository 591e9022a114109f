import { defineEventHandler, getQuery, getRouterParam, setResponseHeader, setResponseStatus, type H3Event } from 'h3';
import { z } from 'zod';
import type { GardenHere } from '../../core/garden/here';
import type { GardenRecords } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import type { Connection } from '../database/connection';
import { databaseFault, Fault } from '../database/faults';
import { useStore, type Store } from '../database/open';
import { foldHistory } from '../database/records/folding';
import { mustRead, readChanges, readRecords, type Known } from '../database/records/reading';
import type { ListTable } from '../database/tables';
import { inTransaction } from '../database/transaction';
import { readBody } from './body';
import { hereOf } from './here';
import { log } from './log';

const MOST_BYTES = 1_000_000;

/** What a route promises, as it is published in docs/openapi.json. */
export interface Contract<T> {
  /** What it does, in a sentence. */
  does: string;
  body?: z.ZodType<T>;
  /** Parameters behind the question mark, with what they mean. */
  query?: Record<string, string>;
  /** What it answers, in a few words. */
  answers: string;
  status?: 200 | 201;
  /** Bytes of the largest body. */
  most?: number;
}

/** A request on its way: the store, the checked body, and the garden of its path, read once and only if asked for. */
export class Request<T> {
  #records: GardenRecords | undefined;
  #here: GardenHere | undefined;

  constructor(
    readonly event: H3Event,
    readonly store: Store,
    readonly body: T,
  ) {}

  get db(): Connection {
    return this.store.db;
  }
  /** A part of the path, by its name. */
  param(name: string): string {
    return decodeURIComponent(getRouterParam(this.event, name) ?? '');
  }
  /** The id of the garden in the path. */
  get gardenId(): string {
    return this.param('garden');
  }
  get records(): GardenRecords {
    return (this.#records ??= readRecords(this.db, this.gardenId));
  }
  /** The garden of the path as every calculation starts from it, before anything is changed. */
  get here(): GardenHere {
    return (this.#here ??= hereOf(this.records, this.store.library));
  }
  /** The library with this garden's own rows over it. */
  get library(): Library {
    return this.here.library;
  }
  /** The row named in the path at the revision behind the question mark. A fault where that is missing. */
  known(name: string): Known {
    const revision = Number(getQuery(this.event).revision ?? NaN);
    if (!Number.isInteger(revision))
      throw new Fault(422, 'The revision is missing: say which state of it you have seen, as ?revision=3.');
    return { id: this.param(name), revision };
  }
  /** The change of the garden that the client has it as of; null: it has nothing. A fault for what is no number. */
  get since(): number | null {
    const { since } = getQuery(this.event);
    if (since === undefined) return null;
    const number = Number(since);
    if (!Number.isInteger(number) || number < 0) throw new Fault(422, 'Give the change as a whole number, as ?since=12.');
    return number;
  }
  header(name: string, value: string) {
    setResponseHeader(this.event, name, value);
  }
}

/**
 * An API route: checks the body against its contract, runs, and answers faults with their status and sentence. What the
 * database refuses is a fault too. Unexpected errors are logged with their cause; the client gets a general 500.
 */
export function route<T = undefined>(contract: Contract<T>, answer: (request: Request<T>) => unknown) {
  const handler = defineEventHandler(async (event) => {
    // Of what changes from press to press nothing is held on the way; what never changes says so itself.
    setResponseHeader(event, 'Cache-Control', 'no-store');
    try {
      const body = contract.body ? await readBody(event, contract.body, contract.most ?? MOST_BYTES) : (undefined as T);
      setResponseStatus(event, contract.status ?? 200);
      return await answer(new Request(event, useStore(), body));
    } catch (error) {
      const fault = error instanceof Fault ? error : databaseFault(error);
      if (fault) {
        if (fault.status >= 500) log.error({ error, method: event.method, path: event.path }, fault.message);
        setResponseStatus(event, fault.status);
        return { message: fault.message, ...fault.detail };
      }
      log.error({ error, method: event.method, path: event.path }, 'A request failed for an unexpected reason.');
      setResponseStatus(event, 500);
      return { message: 'Something went wrong on our side. Nothing was changed; try again in a moment.' };
    }
  });
  return Object.assign(handler, { contract });
}

/** A route that gives one record of a garden, named in the path by `param`. */
export const oneRecord = (does: string, table: ListTable, param: string) =>
  route({ does, answers: 'the record' }, (request) => mustRead(request.db, table, request.gardenId, request.param(param)));

const STATE = 'the garden as it is now, or what changed of it';
const SINCE = {
  since: 'The number (`at`) of the change that the garden is known as of, for what came after it; left out: all of it.',
};

/** What is done after a change for the changes to come: that it fails makes the change no less made. */
function tidy(db: Connection, gardenId: string) {
  try {
    foldHistory(db, gardenId);
  } catch (error) {
    log.error({ error, garden: gardenId }, 'The history of a garden could not be folded.');
  }
}

/** Makes a change in one transaction and answers what the client lacks of the garden as it is then. */
function carryOut<T, R>(request: Request<T>, work: (request: Request<T>) => R): [ReturnType<typeof readChanges>, R] {
  const { db, gardenId, since } = request;
  const answer = inTransaction(db, (): [ReturnType<typeof readChanges>, R] => {
    const more = work(request);
    return [readChanges(db, gardenId, since), more];
  });
  tidy(db, gardenId);
  return answer;
}

type ChangeContract<T> = Omit<Contract<T>, 'answers' | 'status'> & { answers?: string };

/**
 * A route that changes a garden after something was found out that takes a while, for which nobody waits: the checks and
 * writes of `work` are one transaction; it answers the garden as it is then.
 */
export function preparedChange<T, P>(
  contract: ChangeContract<T>,
  prepare: (request: Request<T>) => P | Promise<P>,
  work: (request: Request<T>, prepared: P) => object | void,
) {
  return route<T>({ answers: STATE, ...contract, query: { ...contract.query, ...SINCE } }, async (request) => {
    const prepared = await prepare(request);
    const [state, more] = carryOut(request, () => work(request, prepared));
    return { ...state, ...more };
  });
}

/** A route that changes a garden at once. */
export const change = <T = undefined>(contract: ChangeContract<T>, work: (request: Request<T>) => object | void) =>
  preparedChange<T, void>(contract, () => undefined, work);

/** A route that adds a record to a garden's `list`, by its part of the path; the answer names the new record's address. */
export function addition<T>(
  list: string,
  contract: Omit<Contract<T>, 'answers' | 'status'>,
  work: (request: Request<T>) => string,
) {
  return route<T>({ ...contract, answers: STATE, status: 201, query: { ...contract.query, ...SINCE } }, (request) => {
    const [state, id] = carryOut(request, work);
    request.header('Location', `/api/gardens/${request.gardenId}/${list}/${id}`);
    return state;
  });
}

/** A route that removes a record of a garden, at the revision that the gardener saw. */
export function removal(does: string, work: (request: Request<undefined>) => void) {
  return change(
    { does, query: { revision: 'The revision of the record that was seen; another one is refused with 409.' } },
    work,
  );
}

/** A change to a record, with the revision that the gardener saw. */
export const withRevision = <T extends z.ZodType>(fields: T) =>
  z.object({ revision: z.number('The revision is missing.').int(), fields });
