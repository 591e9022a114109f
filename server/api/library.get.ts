import { route } from '../http/route';

export default route(null, ({ library, digest }) => ({ digest, library }));
