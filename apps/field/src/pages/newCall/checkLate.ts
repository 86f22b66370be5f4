import type { Resolver } from 'react-hook-form';
import type { NewCallForm } from './newCallForm';

/** Checks the form; what checks it is fetched when it is first needed, not with the page. */
export const checkLate: Resolver<NewCallForm> = async (form, context, options) => (await checker())(form, context, options);

/** Fetches what checks the form, so that it is there when the call is started. */
export const checker = async (): Promise<Resolver<NewCallForm>> => (await import('../../checks/lateChecks')).checkNewCall;
