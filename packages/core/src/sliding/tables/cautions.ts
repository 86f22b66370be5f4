import { ROLLING, type PanelKind } from '../card/panel';

export type CautionId =
  | 'glass'
  | 'support'
  | 'openWall'
  | 'pinch'
  | 'eyes'
  | 'solvent'
  | 'dust'
  | 'oldPaint'
  | 'cables'
  | 'pocketFixing'
  | 'structure'
  | 'security';

/** Shown at the step that needs it. Local codes and licensed trades come first. */
export const CAUTIONS: Readonly<Record<CautionId, string>> = {
  glass:
    'Glass or mirror: gloves and eye protection, two people or a lift from about 25 kg, carry it upright, never strike the glass or twist the frame. Damaged glass is for a glazier.',
  support: 'A panel off its track falls. One person holds it before the last wheel or hanger is free.',
  openWall: 'While the panel is out the wall is open: look at the weather first, and do not leave the house unlockable overnight.',
  pinch: 'Keep fingers out from under the panel and out of the meeting edge while it is moved.',
  eyes: 'Wear eye protection when filing, prying and cutting.',
  solvent: 'Silicone and cleaner: air the room, keep them off floors that must not be slippery.',
  dust: 'Wood dust: mask and extraction.',
  oldPaint: 'Old paint may hold lead: test it, do not dry-sand.',
  cables: 'Scan for live cables and pipes before nails are cut or screws driven, in a floor as beside a pocket.',
  pocketFixing: 'Fixings beside the pocket must be too short to reach the slab. Run the door after each.',
  structure: 'A head that keeps dropping, or cracks from the corner of the opening: stop and refer to a structural engineer.',
  security: 'Do not leave an outside door that cannot be locked overnight.',
};

/** Cautions that are for some kinds of panel alone. */
export const CAUTIONS_OF: Readonly<Record<string, readonly PanelKind[]>> = {
  // The panels of a bypass door may be mirrors.
  glass: ['glass', 'bypass'],
  openWall: ROLLING,
};
