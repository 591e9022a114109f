import { describe, expect, it } from 'vitest';
import { isApart, isOwnHost } from './hosts';

describe('a Host header', () => {
  it.each(['localhost', 'localhost:4173', '127.0.0.1:4173', '127.8.0.1', '[::1]:4173', 'outwash.localhost'])(
    '%s is our own',
    (host) => expect(isOwnHost(host, false, '')).toBe(true),
  );
  it.each([
    '',
    'elsewhere.example',
    'elsewhere.example:4173',
    '127.0.0.1.elsewhere.example',
    'localhost.elsewhere.example',
    'a b',
    'x@localhost',
  ])('“%s” is not', (host) => expect(isOwnHost(host, false, '')).toBe(false));
  it('a name that was set is', () => {
    expect(isOwnHost('garden.home:4173', true, 'shed.home, Garden.home')).toBe(true);
    expect(isOwnHost('other.home', true, 'shed.home')).toBe(false);
  });
  it.each(['192.168.1.20:4173', '[fe80::2]:4173'])('%s is where the server listens wider than its own machine', (host) => {
    expect(isOwnHost(host, true, '')).toBe(true);
    expect(isOwnHost(host, false, '')).toBe(false);
  });
});

it.each([
  ['garden.home:4173', true],
  ['192.168.1.20', true],
  ['localhost:4173', false],
  ['outwash.localhost', false],
  ['127.0.0.1:4173', false],
  ['[::1]', false],
  ['a b', false],
])('from “%s” a browser may be asked for https alone: %s', (host, may) => expect(isApart(host)).toBe(may));
