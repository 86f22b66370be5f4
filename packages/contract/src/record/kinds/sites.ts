import { named, text } from '@proper-swing/core/fields/field';
import { card } from '../kind';

export const sites = card({
  kind: 'sites',
  title: 'Site',
  table: 'site',
  inCall: 'site',
  fields: {
    name: named('Customer or building'),
    address: text('Where it is', { longest: 200 }),
    contact: text('Whom to ask and how to reach them', { longest: 120 }),
    remarks: text('Access, keys, parking', { longest: 500 }),
  },
});
