import { SettingsPage } from '../src/pages/settings/SettingsPage';

export default SettingsPage;
