/** What lies over the bench while it is open: keys are for it then. */
export const OPEN_ABOVE = "[role=dialog], [role=menu], [role=listbox], [id^='headlessui-popover-panel']";
