import { yupResolver } from '@hookform/resolvers/yup';
import { newCallSchema } from './newCallForm';

export const checkNewCall = yupResolver(newCallSchema);
