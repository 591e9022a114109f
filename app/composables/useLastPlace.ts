import { StorageSerializers, useLocalStorage } from '@vueuse/core';

/** Where somebody was last: the garden, the path of the view and the name of its station. */
export interface LastPlace {
  garden: string;
  path: string;
  station: string;
}

/** Where one left off, remembered on this device. */
export const useLastPlace = () =>
  useLocalStorage<LastPlace | null>('outwash-last', null, { serializer: StorageSerializers.object, shallow: true });
