import { expect, test } from 'vitest';

test('runs', () => expect(1).toBe(1));
