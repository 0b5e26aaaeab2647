import { configure } from '@testing-library/react';

// A busy machine must not fail what is right: what is waited for comes when it comes.
configure({ asyncUtilTimeout: 120_000 });
