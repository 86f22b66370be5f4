import { keepDraft } from './draft';
import { deviceStorage } from './storage';

describe('a draft', () => {
  it('is kept as it stands', () => {
    keepDraft('draft', { station: 'latch.top', text: '4.' });
    expect(JSON.parse(deviceStorage.get('draft') ?? '')).toEqual({ station: 'latch.top', text: '4.' });
  });

  it('on a full device stops no typing, and an older one does not come back in its place', () => {
    keepDraft('draft', { text: '4' });
    const set = jest.spyOn(deviceStorage, 'set').mockImplementation(() => {
      throw new Error('QuotaExceededError');
    });
    expect(() => keepDraft('draft', { text: '4.6' })).not.toThrow();
    set.mockRestore();
    expect(deviceStorage.get('draft')).toBeNull();
  });
});
