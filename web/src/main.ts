// First of all: what follows has schemas.
import './app/uncompiledZod.ts'
import { chosenLanguage } from './words/chosen.ts'
import { speak } from './words/index.ts'

// Only once the language is there: modules take their words as they are loaded.
void speak(chosenLanguage()).then(() => import('./app/start.ts'))
