import 'reflect-metadata';
import fc from 'fast-check';

// Pinned: a property that fails must fail again on the next run.
fc.configureGlobal({ seed: 20_260_528 });
