import { Slot } from 'expo-router';
import { Providers } from '../src/Providers';

export default function RootLayout() {
  return (
    <Providers>
      <Slot />
    </Providers>
  );
}
