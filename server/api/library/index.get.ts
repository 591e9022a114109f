import { getRequestHeader, setResponseStatus } from 'h3';
import { route } from '../../http/route';

export default route(
  { does: 'Gives the shipped library. Its ETag changes with the library.', answers: 'the library and its digest' },
  (request) => {
    const { event, store } = request;
    const tag = `"${store.digest}"`;
    request.header('ETag', tag);
    request.header('Cache-Control', 'no-cache');
    if (getRequestHeader(event, 'if-none-match') === tag) {
      setResponseStatus(event, 304);
      return null;
    }
    request.header('Content-Type', 'application/json; charset=utf-8');
    return JSON.stringify({ library: store.library, digest: store.digest });
  },
);
