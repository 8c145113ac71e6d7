import { configure } from '@testing-library/dom';

// What is waited for comes, however busy the machine is; what never does fails all the same.
configure({ asyncUtilTimeout: 30_000 });
