import { defineEventHandler, setResponseHeader } from 'h3';
import { useStore } from '../database/open';

/** The shipped library, as text written out once. */
export default defineEventHandler((event) => {
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8');
  return useStore().libraryText;
});
