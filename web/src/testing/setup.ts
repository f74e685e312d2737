import { configure } from '@testing-library/react';

/** What is waited for comes as soon as the machine has time for it. */
configure({ asyncUtilTimeout: 50_000 });
