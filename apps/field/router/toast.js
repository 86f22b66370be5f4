/** What the router would say while it develops; pages say for themselves that they wait. */
export const Toast = () => null;
export const ToastWrapper = ({ children }) => children;
