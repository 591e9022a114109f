/** Asks for the rules of care, for a view that shows them; says so where they do not come. */
export function useTending() {
  const library = useLibraryStore();
  const notices = useNoticesStore();
  library.loadTending().catch((fault: unknown) => {
    if (!isApiFault(fault)) throw fault;
    notices.say(fault.message, 'fault');
  });
}
