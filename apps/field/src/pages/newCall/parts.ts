import type { Path } from 'react-hook-form';
import type { NewCallForm } from './newCallForm';

/** What a part of the form is given: what stands in it, how to change it, and what is wrong. */
export interface PartProps {
  form: NewCallForm;
  set: (name: Path<NewCallForm>) => (value: string) => void;
  error: (name: keyof NewCallForm) => string | undefined;
}
