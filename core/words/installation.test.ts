import { expect, it } from 'vitest';
import { addressWords, bytesWords, deviceWords } from './installation';

it.each([
  [0, '0 bytes'],
  [999, '999 bytes'],
  [1000, '1.0 kB'],
  [3_240_000, '3.2 MB'],
  [124_600_000, '125 MB'],
  [2_500_000_000_000_000, '2500 TB'],
])('%d bytes are %s', (bytes, words) => expect(bytesWords(bytes)).toBe(words));

it.each([
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) Mobile/15E148', 'a phone'],
  ['Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X) Mobile/15E148', 'a tablet'],
  ['Mozilla/5.0 (X11; Linux x86_64)', 'a computer'],
  ['curl/8.5', 'a program'],
])('%s is %s', (device, words) => expect(deviceWords(device)).toBe(words));

it('an address is this machine or one of the network', () => {
  expect(['127.0.0.1', '::1', '::ffff:127.0.0.1', '::ffff:192.168.1.9', 'fe80::2'].map(addressWords)).toEqual([
    'this machine',
    'this machine',
    'this machine',
    '192.168.1.9',
    'fe80::2',
  ]);
});
