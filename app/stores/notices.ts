export interface Notice {
  id: number;
  text: string;
  tone: 'done' | 'fault';
  /** What may be done about it: take it back, or insist. */
  action: { label: string; run: () => Promise<unknown> } | null;
}

/** Short sentences about what was just done or could not be. */
export const useNoticesStore = defineStore('notices', () => {
  const notices = ref<Notice[]>([]);
  let next = 1;

  function dismiss(id: number) {
    notices.value = notices.value.filter((notice) => notice.id !== id);
  }
  function say(text: string, tone: Notice['tone'] = 'done', action: Notice['action'] = null) {
    const id = next++;
    notices.value = [...notices.value.slice(-2), { id, text, tone, action }];
    // A fault stays until it has been read; what went well may go by itself.
    if (tone === 'done') setTimeout(() => dismiss(id), 8000);
  }
  return { notices, say, dismiss };
});
