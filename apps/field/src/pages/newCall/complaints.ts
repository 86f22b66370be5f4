import type { NewCallForm } from './newCallForm';

/** What a form says is complained of. */
export const complaintsOf = ({ complaintIds }: Pick<NewCallForm, 'complaintIds'>): string[] => complaintIds.split(' ').filter(Boolean);
