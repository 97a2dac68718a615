import { exposeApi } from './exposeApi';
import { createColourDesk } from './colourDesk';

exposeApi(createColourDesk());
