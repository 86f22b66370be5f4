import type { DemoSite } from './workshop';

export const SITES: readonly DemoSite[] = [
  {
    key: 'wexmoor',
    name: 'Orrow household',
    address: '12 Wexmoor Lane, Fennimore',
    contact: 'Tamsin Orrow, 01632 960 118, at home till noon',
    remarks: 'Dog in the hall.',
  },
  {
    key: 'hall',
    name: 'Ottersby Village Hall',
    address: 'The Green, Ottersby',
    contact: 'Key with the caretaker, next door',
    remarks: 'Loading bay at the back.',
  },
  {
    key: 'school',
    name: 'Marrowby Infants’ School',
    address: '3 Tallow Street, Marrowby',
    contact: 'School office',
    remarks: 'Sign in. No work in corridors from 10:15 to 10:45.',
  },
  { key: 'pottery', name: 'Tollgate Pottery', address: 'Unit 4, Old Tollgate Yard', contact: 'Ring at the yard gate', remarks: '' },
  {
    key: 'flats',
    name: 'Dunmorrow Court',
    address: 'Flats 1 to 18, Dunmorrow Rise, Fennimore',
    contact: 'Managing agent, 01632 960 174, weekdays',
    remarks: 'Communal doors are fire doors.',
  },
  {
    key: 'cottage',
    name: 'Vandersloe cottage',
    address: 'Weir Cottage, Hask',
    contact: 'Pim Vandersloe',
    remarks: 'Damp valley; doors move with the weather.',
  },
];
