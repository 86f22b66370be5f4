import { SettingsPage } from '../src/features/settings/SettingsPage';

export default SettingsPage;
