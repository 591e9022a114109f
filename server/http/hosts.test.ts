import { describe, expect, it } from 'vitest';
import { isOwnHost } from './hosts';

describe('a Host header', () => {
  it.each(['localhost', 'localhost:4173', '127.0.0.1:4173', '[::1]:4173', '192.168.1.20:4173', 'outwash.localhost'])(
    '%s is our own',
    (host) => expect(isOwnHost(host, '')).toBe(true),
  );
  it.each([
    '',
    'elsewhere.example',
    'elsewhere.example:4173',
    '127.0.0.1.elsewhere.example',
    'localhost.elsewhere.example',
    'a b',
    'x@localhost',
  ])('“%s” is not', (host) => expect(isOwnHost(host, '')).toBe(false));
  it('a name that was set is', () => {
    expect(isOwnHost('garden.home:4173', 'shed.home, Garden.home')).toBe(true);
    expect(isOwnHost('other.home', 'shed.home')).toBe(false);
  });
});
