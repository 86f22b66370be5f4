import { useState } from 'react';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Section } from '../../design/Section';
import { useSites } from '../../offline/lists';
import type { PartProps } from './parts';

/** More sites than this want a search rather than a longer list. */
const SITES_SHOWN = 6;

/** Where the call is: a site that is known, or a new one. */
export function SitePart({ form, set, error }: PartProps) {
  const sites = useSites();
  const [sought, setSought] = useState('');
  const matching = sites.filter(({ name, address }) => `${name} ${address}`.toLowerCase().includes(sought.toLowerCase()));
  const shown = matching.filter(({ id }, i) => i < SITES_SHOWN || id === form.siteId);
  const choose = (id: string) => {
    set('siteId')(id);
    set('doorId')(id === 'new' ? 'new' : '');
  };
  return (
    <Section title="Where?">
      {sites.length > SITES_SHOWN && <Field label="Search sites" value={sought} onChange={setSought} />}
      <Choice
        label="Site"
        // First, so that it does not move under the finger when the sites arrive.
        options={[{ id: 'new', label: 'New site' }, ...shown.map(({ id, name }) => ({ id, label: name }))]}
        chosen={form.siteId}
        onChoose={choose}
        error={error('siteId')}
        testID="site"
      />
      {form.siteId === 'new' && (
        <Form>
          <FormCell takes="whole">
            <Field
              label="Customer or building"
              value={form.siteName ?? ''}
              onChange={set('siteName')}
              error={error('siteName')}
              testID="site-name"
            />
          </FormCell>
          <FormCell takes="whole">
            <Field label="Address" value={form.address} onChange={set('address')} error={error('address')} />
          </FormCell>
          <FormCell takes="whole">
            <Field label="Whom to ask" value={form.contact} onChange={set('contact')} error={error('contact')} />
          </FormCell>
        </Form>
      )}
    </Section>
  );
}
