/** What the server answers when a request cannot be met. */
export interface ApiFault {
  status: number;
  message: string;
  fields: Record<string, string>;
  /** The record as it stands now, where somebody else changed it. */
  current: unknown;
}

export function isApiFault(error: unknown): error is ApiFault {
  return typeof error === 'object' && error !== null && 'status' in error && 'fields' in error;
}

export type ApiMethod = 'GET' | 'POST' | 'PUT' | 'DELETE';

let leaving = false;
/** Goes to the page to sign in, and from there back here. Of several requests refused together only the first does. */
function askToSignIn() {
  if (leaving) return;
  leaving = true;
  location.assign(`/sign-in?to=${encodeURIComponent(location.pathname + location.search)}`);
}

/** Calls the server; throws an ApiFault with a sentence fit to show, also when it cannot be reached. */
export async function callApi<T>(method: ApiMethod, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch {
    const fault: ApiFault = {
      status: 0,
      message: 'Outwash’s server does not answer. Nothing was saved; what you typed is still here.',
      fields: {},
      current: null,
    };
    throw fault;
  }
  if (response.ok && response.headers.get('content-type')?.startsWith('text/')) return (await response.text()) as T;
  const answer = await response.json().catch(() => ({ message: 'The server gave no readable answer.' }));
  if (response.ok) return answer as T;
  // Who is signed out is asked to sign in where nothing typed would be lost by it.
  if (response.status === 401 && method === 'GET') askToSignIn();
  const fault: ApiFault = {
    status: response.status,
    message:
      response.status === 401 && !path.startsWith('/api/access/')
        ? 'You are signed out. Sign in in another window, then try once more.'
        : (answer.message ?? 'Something went wrong.'),
    fields: answer.fields ?? {},
    current: answer.current ?? null,
  };
  throw fault;
}
