import { expose } from 'comlink';
import { createColourDesk } from './colourDesk';

expose(createColourDesk());
