import { act, renderHook } from '@testing-library/react-native';
import { dropDraft, isTexts, keepDraft, readDraft, useKeptDraft } from './draft';
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

describe('a form that is being typed', () => {
  const KEY = 'swing.draft.form';
  const opened = () => renderHook(() => useKeptDraft(KEY, isTexts, () => ({ width: '762' })));
  afterEach(() => dropDraft(KEY));

  it('begins as it is told, and keeps nothing before the first change', () => {
    const { result } = opened();
    expect(result.current.draft).toEqual({ width: '762' });
    expect(deviceStorage.get(KEY)).toBeNull();
  });

  it('is found again after a reload, each change on the one before', () => {
    const { result, unmount } = opened();
    act(() => result.current.setDraft((was) => ({ ...was, height: '1981' })));
    act(() => result.current.setDraft((was) => ({ ...was, width: '838' })));
    unmount();
    expect(opened().result.current.draft).toEqual({ width: '838', height: '1981' });
  });

  it('once dropped is gone from the device and stands as it is told', () => {
    const { result, unmount } = opened();
    act(() => result.current.setDraft({ width: '1' }));
    act(() => result.current.drop({ width: '762' }));
    expect([result.current.draft, deviceStorage.get(KEY)]).toEqual([{ width: '762' }, null]);
    unmount();
    expect(opened().result.current.draft).toEqual({ width: '762' });
  });

  it('what is broken or of another form is not taken for a draft', () => {
    deviceStorage.set(KEY, '{broken');
    expect(readDraft(KEY, isTexts)).toBeUndefined();
    for (const other of [null, 7, { width: 7 }, 'x']) {
      keepDraft(KEY, other);
      expect(readDraft(KEY, isTexts)).toBeUndefined();
    }
    keepDraft(KEY, { width: '7' });
    expect(readDraft(KEY, isTexts)).toEqual({ width: '7' });
  });
});
