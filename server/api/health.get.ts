import { route } from '../http/route';

export default route(
  { does: 'Says that this is Outwash and that it answers. Needs no passphrase.', answers: 'its name' },
  () => ({
    name: 'Outwash',
  }),
);
