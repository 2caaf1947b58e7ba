import dayjs from 'dayjs'
import 'dayjs/locale/de'
import 'dayjs/locale/en-gb'
import localeData from 'dayjs/plugin/localeData.js'
import { language } from '../words/index.ts'

// Calendars and pickers of days: weeks begin on Monday, in either language.
dayjs.extend(localeData)
dayjs.locale(language === 'de' ? 'de' : 'en-gb')
