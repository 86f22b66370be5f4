import type { FieldErrors, Resolver } from 'react-hook-form';
import { ValidationError } from 'yup';
import { newCallSchema, type NewCallForm } from './newCallForm';

/** The form as checked, or the first fault of each field. */
export const checkNewCall: Resolver<NewCallForm> = async (form) => {
  try {
    return { values: await newCallSchema.validate(form, { abortEarly: false }), errors: {} };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const errors: FieldErrors<NewCallForm> = {};
    for (const { path, message } of error.inner) errors[path as keyof NewCallForm] ??= { type: 'checked', message };
    return { values: {}, errors };
  }
};
