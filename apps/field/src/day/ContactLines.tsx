import type { Site } from '@proper-swing/contract';
import { View } from 'react-native';
import { OutLink } from '../design/OutLink';
import { Words } from '../design/Words';
import { dialLink, mapLink } from './contactLinks';

/** Where a site is and whom to ask: the address opens the maps, a number dials. */
export function ContactLines({ site: { address, contact, remarks } }: { site: Site }) {
  const dial = dialLink(contact);
  const map = mapLink(address, typeof navigator === 'undefined' ? '' : navigator.userAgent);
  return (
    <View>
      {map !== undefined && (
        <OutLink href={map} label={`${address}: on the map`} testID="to-map">
          {address}
        </OutLink>
      )}
      {contact !== '' &&
        (dial === undefined ? (
          <Words>{contact}</Words>
        ) : (
          <OutLink href={dial.href} label={`${contact}: call ${dial.number}`} testID="to-dial">
            {contact}
          </OutLink>
        ))}
      {remarks !== '' && <Words tone="pencil">{remarks}</Words>}
    </View>
  );
}
