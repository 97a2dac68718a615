import 'reflect-metadata';
import fc from 'fast-check';

// On two busy cores a screen needs longer than the second that is usually waited for it.
if (typeof document !== 'undefined') (await import('@testing-library/dom')).configure({ asyncUtilTimeout: 5000 });

// Pinned: a property that fails must fail again on the next run.
fc.configureGlobal({ seed: 20_260_528 });
