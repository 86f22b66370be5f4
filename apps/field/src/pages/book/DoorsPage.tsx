import { useDoorList } from '../../offline/book';
import { DOOR_COLUMNS } from './bookColumns';
import { BookPage } from './BookPage';

export const DoorsPage = () => (
  <BookPage
    title="Doors"
    columns={DOOR_COLUMNS}
    useList={useDoorList}
    keyOf={({ door }) => door.id}
    leadsTo={({ door }) => `/door/${door.id}`}
    testID="door"
  />
);
