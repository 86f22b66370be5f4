import { memoryStorage } from './memoryStorage.fixture';
import { isDeviceFull, onDeviceFull, watched } from './storage';

it('that there was no room is told to whoever listens, whatever the writer makes of it, until something is kept again', () => {
  const memory = memoryStorage();
  const storage = watched(memory);
  const told: boolean[] = [];
  const stop = onDeviceFull(() => told.push(isDeviceFull()));
  storage.set('a', '1');
  expect([isDeviceFull(), told]).toEqual([false, []]);
  memory.isFull = true;
  expect(() => storage.set('b', '2')).toThrow('QuotaExceededError');
  expect(() => storage.set('b', '2')).toThrow('QuotaExceededError');
  expect([isDeviceFull(), told, storage.get('a'), storage.get('b')]).toEqual([true, [true], '1', null]);
  memory.isFull = false;
  storage.set('b', '2');
  expect([isDeviceFull(), told, storage.keys()]).toEqual([false, [true, false], ['a', 'b']]);
  stop();
  memory.isFull = true;
  expect(() => storage.set('c', '3')).toThrow();
  memory.isFull = false;
  storage.set('c', '3');
  expect(told).toEqual([true, false]);
});
