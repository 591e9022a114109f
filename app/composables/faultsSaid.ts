/** Does a piece of work that has no form to show its fault beside: what the server refuses is a notice. True where it was done. */
export async function faultsSaid(work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work();
    return true;
  } catch (error) {
    if (!isApiFault(error)) throw error;
    useNoticesStore().say(error.message, 'fault');
    return false;
  }
}
