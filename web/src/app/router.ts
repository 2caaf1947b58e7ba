import { createRouter, createWebHistory } from 'vue-router'
import { words } from '../words/index.ts'

declare module 'vue-router' {
  interface RouteMeta {
    /** Title of the browser's tab. */
    title?: string
    /** Views that take the whole screen, without the bar. */
    whole?: boolean
    /** Views in which somebody is heard by a floor, or practises it: nothing comes over them. */
    live?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  // A topic of the help is shown from its top.
  scrollBehavior: ({ hash }) => (hash ? { el: hash, top: 16 } : false),
  routes: [
    { path: '/', redirect: '/sheets' },
    {
      path: '/tunes',
      name: 'tunes',
      component: () => import('../tune/TuneListView.vue'),
      meta: { title: words.nav.tunes },
    },
    {
      path: '/tunes/:id',
      name: 'tune',
      component: () => import('../tune/TuneView.vue'),
      meta: { title: words.nav.tunes },
    },
    {
      path: '/figures',
      name: 'figures',
      component: () => import('../figure/FigureListView.vue'),
      meta: { title: words.nav.figures },
    },
    {
      path: '/figures/glossary',
      name: 'glossary',
      component: () => import('../figure/GlossaryView.vue'),
      meta: { title: words.figures.glossary.title },
    },
    {
      path: '/figures/new',
      name: 'figure-write',
      component: () => import('../figure/FigureWriteView.vue'),
      meta: { title: words.nav.figures },
    },
    {
      path: '/figures/groups',
      name: 'groups',
      component: () => import('../group/GroupsView.vue'),
      meta: { title: words.figures.groups.title },
    },
    {
      path: '/figures/:id/edit',
      name: 'figure-edit',
      component: () => import('../figure/FigureWriteView.vue'),
      meta: { title: words.nav.figures },
    },
    {
      path: '/figures/:id',
      name: 'figure',
      component: () => import('../figure/FigureView.vue'),
      meta: { title: words.nav.figures },
    },
    {
      path: '/sheets',
      name: 'sheets',
      component: () => import('../routine/ShelfView.vue'),
      meta: { title: words.nav.sheets },
    },
    {
      path: '/sheets/:id/rehearse',
      name: 'sheet-rehearse',
      component: () => import('../rehearse/RehearseView.vue'),
      meta: { live: true, title: words.nav.sheets },
    },
    {
      path: '/sheets/:id/floor',
      name: 'sheet-floor',
      component: () => import('../floor/FloorView.vue'),
      meta: { title: words.nav.sheets },
    },
    {
      path: '/sheets/:id/print',
      name: 'sheet-print',
      component: () => import('../routine/PrintView.vue'),
      meta: { title: words.nav.sheets },
    },
    {
      path: '/sheets/:id',
      name: 'sheet',
      component: () => import('../routine/SheetView.vue'),
      meta: { title: words.nav.sheets, whole: true },
    },
    {
      path: '/evenings',
      name: 'evenings',
      component: () => import('../evening/EveningListView.vue'),
      meta: { title: words.evenings.title },
    },
    {
      path: '/evenings/:id/print',
      name: 'evening-print',
      component: () => import('../evening/EveningPrintView.vue'),
      meta: { title: words.evenings.title },
    },
    {
      path: '/evenings/:id',
      name: 'evening',
      component: () => import('../evening/EveningView.vue'),
      meta: { title: words.evenings.title },
    },
    {
      path: '/lessons',
      name: 'lessons',
      component: () => import('../lesson/SeriesListView.vue'),
      meta: { title: words.evenings.lessons },
    },
    {
      path: '/lessons/:id',
      name: 'series',
      component: () => import('../lesson/SeriesView.vue'),
      meta: { title: words.evenings.lessons },
    },
    {
      path: '/logbook',
      name: 'logbook',
      component: () => import('../logbook/LogbookView.vue'),
      meta: { title: words.logbook.title },
    },
    {
      path: '/schools',
      name: 'schools',
      component: () => import('../school/SchoolsView.vue'),
      meta: { title: words.schools.title },
    },
    {
      path: '/voice',
      name: 'voice',
      component: () => import('../voice/VoiceView.vue'),
      meta: { title: words.voice.title },
    },
    {
      path: '/lectern/:id',
      name: 'lectern',
      component: () => import('../call/LecternView.vue'),
      meta: { title: words.nav.lectern, whole: true, live: true },
    },
    {
      path: '/free',
      name: 'free',
      component: () => import('../call/FreeView.vue'),
      meta: { title: words.lectern.free.open, whole: true, live: true },
    },
    {
      path: '/calls',
      name: 'calls',
      component: () => import('../call/CallListView.vue'),
      meta: { title: words.lectern.report.list },
    },
    {
      path: '/help',
      name: 'help',
      component: () => import('../help/HelpView.vue'),
      meta: { title: words.nav.help },
    },
    {
      path: '/calls/:id',
      name: 'call',
      component: () => import('../call/ReportView.vue'),
      meta: { title: words.lectern.report.title },
    },
    {
      path: '/backup',
      name: 'backup',
      component: () => import('../backup/BackupView.vue'),
      meta: { title: words.backup.title },
    },
    {
      path: '/about',
      name: 'about',
      component: () => import('./AboutView.vue'),
      meta: { title: words.nav.about },
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./NowhereView.vue') },
  ],
})

router.afterEach((to) => {
  document.title = to.meta.title ? `${to.meta.title} · Dellop` : 'Dellop'
})
