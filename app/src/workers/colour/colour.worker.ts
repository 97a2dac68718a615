import { exposeApi } from '../exposeApi';
import { createColourApi } from './colourApi';

exposeApi(createColourApi());
