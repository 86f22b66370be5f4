import { optional } from '@proper-swing/core/fields/field';
import { channelDepth, panelHeight, panelWidth, perTurn } from '@proper-swing/core/sliding/card/panelFields';
import { FRAMES, PANEL_KINDS } from '@proper-swing/core/sliding/card/panel';
import { EDGES } from '@proper-swing/core/sliding/card/profiles';
import { PANEL_PLACES } from '@proper-swing/core/sliding/geometry/tableNames';
import { STATION_IDS } from '@proper-swing/core/sliding/geometry/stations';
import { ACTION_IDS } from '@proper-swing/core/sliding/names/actionIds';
import { CAUSE_IDS } from '@proper-swing/core/sliding/tables/causes';
import { FINDING_IDS } from '@proper-swing/core/sliding/tables/findings';
import { readingFaults } from '@proper-swing/core/sliding/tables/sense';
import { object, string, type Schema } from 'yup';
import { fieldSchema } from '../fields/schema';

export const SLIDING_WORDS = {
  stations: STATION_IDS,
  causes: CAUSE_IDS,
  findings: FINDING_IDS,
  actions: ACTION_IDS,
  edges: EDGES,
  places: PANEL_PLACES,
  placeKey: 'place',
  placeWord: 'roller',
  plusIs: 'up',
  aloneKey: 'settingAlone',
  readingFaults,
} as const;

export const slidingDoorSchema = object({
  kind: string().oneOf(PANEL_KINDS).required().meta({ description: 'How the panel runs: on rollers, or hung' }),
  panelWidthMm: fieldSchema(panelWidth) as Schema<number>,
  panelHeightMm: fieldSchema(panelHeight) as Schema<number>,
  frame: string().oneOf(FRAMES).required().meta({ description: 'What the frame is made of' }),
  mmPerTurn: fieldSchema(optional(perTurn)) as Schema<number | null | undefined>,
  channelMm: fieldSchema(optional(channelDepth)) as Schema<number | null | undefined>,
}).noUnknown();
