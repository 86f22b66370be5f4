import { useState } from 'react';
import { Field, type FieldProps } from './Field';

export interface ReadFieldProps<T> extends Pick<FieldProps, 'label' | 'spoken' | 'takes' | 'placeholder' | 'testID'> {
  /** What stands in it at first. */
  begins: string;
  /** What was typed means; nothing where it means none. */
  read: (text: string) => T | undefined;
  onRead: (read: T) => void;
  /** Called when it is emptied, where it may be empty. */
  onEmpty?: () => void;
  /** What is said of what cannot be read. */
  fault: string;
}

/** A line whose letters are its own: what can be read goes on, what cannot stays in it with a fault and changes nothing. */
export function ReadField<T>({ begins, read, onRead, onEmpty, fault, ...rest }: ReadFieldProps<T>) {
  const [text, setText] = useState(begins);
  const mayStay = (typed: string) => onEmpty !== undefined && typed.trim() === '';
  const type = (next: string) => {
    setText(next);
    const is = read(next);
    if (mayStay(next)) onEmpty?.();
    else if (is !== undefined) onRead(is);
  };
  const isWrong = !mayStay(text) && read(text) === undefined;
  return <Field value={text} onChange={type} {...(isWrong && { error: fault })} {...rest} />;
}
