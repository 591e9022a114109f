import type { Access, BackupList, Role, Standing } from '~~/core/model/installation';
import type { GardenSummary, RemovedGarden } from '~~/core/model/garden';

/** What the page said when it was sent: does one have to sign in, and as what did one? */
function standingSent(): Standing {
  const said = document.querySelector<HTMLMetaElement>('meta[name="access"]')?.content;
  if (said === 'open' || said === undefined) return { closed: false, role: 'change' };
  return { closed: true, role: said === 'none' ? null : (said as Role) };
}

/** The server and who may come in: its backups, the gardens that were removed, passphrases and sessions. Faults are thrown. */
export const useInstallationStore = defineStore('installation', () => {
  const backups = shallowRef<BackupList | null>(null);
  const removed = shallowRef<RemovedGarden[] | null>(null);
  const access = shallowRef<Access | null>(null);
  const standing = shallowRef<Standing>(standingSent());

  const loadBackups = async () => void (backups.value = await callApi<BackupList>('GET', '/api/backups'));
  const loadRemoved = async () => void (removed.value = await callApi<RemovedGarden[]>('GET', '/api/removed'));
  async function loadAccess() {
    const answer = await callApi<Access | Standing>('GET', '/api/access');
    standing.value = { closed: answer.closed, role: answer.role };
    access.value = 'sessions' in answer ? answer : null;
  }
  /** Backs everything up and answers the name of the backup. */
  async function backUp(): Promise<string> {
    const { made, ...list } = await callApi<BackupList & { made: string }>('POST', '/api/backups');
    backups.value = list;
    return made;
  }
  /** Goes back to a backup; answers the name of the one that undoes it. */
  const goBack = async (name: string) =>
    (await callApi<{ before: string }>('POST', `/api/backups/${encodeURIComponent(name)}/restore`)).before;
  const bringBack = async ({ id }: RemovedGarden | GardenSummary) => {
    await callApi('POST', `/api/gardens/${encodeURIComponent(id)}/restore`);
    await loadRemoved();
  };
  const deleteForGood = async ({ id }: RemovedGarden) => {
    await callApi('DELETE', `/api/removed/${encodeURIComponent(id)}`);
    await loadRemoved();
  };
  async function setPassphrase(role: Role, passphrase: string | null) {
    access.value = await callApi<Access>('PUT', '/api/access/passphrase', { role, passphrase });
    standing.value = { closed: access.value.closed, role: access.value.role };
  }
  const endSession = async (id: string) =>
    void (access.value = await callApi<Access>('DELETE', `/api/access/sessions/${encodeURIComponent(id)}`));
  const signIn = (passphrase: string) => callApi<Standing>('POST', '/api/access/sign-in', { passphrase });
  /** Signs out; what the device holds of the gardens for working without the network goes with it. */
  async function signOut() {
    await callApi('POST', '/api/access/sign-out');
    if ('caches' in window) await caches.delete('gardens');
    location.assign('/sign-in');
  }
  return {
    backups,
    removed,
    access,
    standing,
    loadBackups,
    loadRemoved,
    loadAccess,
    backUp,
    goBack,
    bringBack,
    deleteForGood,
    setPassphrase,
    endSession,
    signIn,
    signOut,
  };
});
