import { readFileSync } from 'node:fs';
import { recordsOf } from '../core/garden/from-file';
import { gardenHere, type GardenHere } from '../core/garden/here';
import { GardenFile } from '../core/model/garden';
import type { Library } from '../core/model/reference';

/** A demo garden by the name of its file, as every calculation starts from it. */
export function demoGarden(name: string, library: Library): GardenHere {
  return gardenHere(recordsOf(GardenFile.parse(JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')))), library);
}
