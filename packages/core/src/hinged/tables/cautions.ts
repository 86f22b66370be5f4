export type CautionId = 'support' | 'eyes' | 'dust' | 'oldPaint' | 'cables' | 'fireDoor' | 'glass' | 'security' | 'structure' | 'pinch';

/** Shown at the step that needs it. Local codes and licensed trades come first. */
export const CAUTIONS: Readonly<Record<CautionId, string>> = {
  support: 'A door off its hinges falls. Wedge or block it before the last screw or pin; two people or a lift from about 25 kg.',
  eyes: 'Wear eye protection. Keep both hands behind the cutting edge.',
  dust: 'Wood dust: mask and extraction.',
  oldPaint: 'Old paint may hold lead: test it, do not dry-sand.',
  cables: 'Scan for live cables and pipes before a long screw.',
  fireDoor: 'Fire, smoke or security door: nothing outside its certificate. Refer to a competent fire-door person.',
  glass: 'Glass in the slab: gloves, carry upright, never strike near the pane.',
  security: 'Do not leave an outside door that cannot be locked overnight.',
  structure: 'Cracks from the corner of the opening, or a head that keeps dropping: stop and refer to a structural engineer.',
  pinch: 'Keep fingers out of the hinge side while testing the swing.',
};
