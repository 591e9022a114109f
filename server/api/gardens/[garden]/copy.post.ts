import { z } from 'zod';
import { copyGarden } from '../../../database/records/garden-file';
import { mustRead, readGarden } from '../../../database/records/reading';
import { route } from '../../../http/route';

const Copy = z.object({ plants: z.boolean('Say whether the plants are copied too.') });

export default route(
  {
    does: 'Copies a garden, with its plants or without, under a name of its own.',
    body: Copy,
    answers: 'the copy',
    status: 201,
  },
  (request) => {
    const { db, body, gardenId } = request;
    mustRead(db, 'garden', gardenId, gardenId);
    const id = copyGarden(db, gardenId, body.plants);
    request.header('Location', `/api/gardens/${id}`);
    return readGarden(db, id);
  },
);
