import { t } from '@/i18n'
import { useGarden } from '@/stores/garden'
import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', meta: { title: t('app.router.today') }, component: () => import('./views/Today/TodayView.vue') },
    { path: '/garden', name: 'garden', meta: { title: t('app.router.garden') }, component: () => import('./views/Garden/GardenView.vue') },
    {
      path: '/scout/:planting?',
      name: 'scout',
      meta: { title: t('app.router.scout') },
      component: () => import('./views/Scout/ScoutView.vue'),
    },
    {
      path: '/trouble/:trouble',
      name: 'trouble',
      meta: { title: t('app.router.trouble') },
      component: () => import('./views/Trouble/TroubleView.vue'),
    },
    {
      path: '/bench/:recipe?',
      name: 'bench',
      meta: { title: t('app.router.bench') },
      component: () => import('./views/Bench/BenchView.vue'),
    },
    {
      path: '/mix/:recipe',
      name: 'mix',
      meta: { title: t('app.router.mixing'), bare: true },
      component: () => import('./views/Mix/MixView.vue'),
    },
    {
      path: '/label/:recipe',
      name: 'label',
      meta: { title: t('app.router.bottle-label') },
      component: () => import('./views/Label/LabelView.vue'),
    },
    {
      path: '/leaves/:planting',
      name: 'leaves',
      meta: { title: t('app.router.leaves') },
      component: () => import('./views/Leaves/LeavesView.vue'),
    },
    {
      path: '/bottle',
      name: 'bottle',
      meta: { title: t('app.router.label-reader') },
      component: () => import('./views/Bottle/BottleView.vue'),
    },
    { path: '/why', name: 'why', meta: { title: t('app.router.why-we-say') }, component: () => import('./views/Why/WhyView.vue') },
    {
      path: '/compare',
      name: 'compare',
      meta: { title: t('app.router.compare-recipes') },
      component: () => import('./views/Compare/CompareView.vue'),
    },
    { path: '/pantry', name: 'pantry', meta: { title: t('app.router.pantry') }, component: () => import('./views/Pantry/PantryView.vue') },
    {
      path: '/making/:preparation?',
      name: 'making',
      meta: { title: t('app.router.making') },
      component: () => import('./views/Making/MakingView.vue'),
    },
    { path: '/soap', name: 'soap', meta: { title: t('app.router.soap-bench') }, component: () => import('./views/Soap/SoapView.vue') },
    {
      path: '/other-uses',
      name: 'other-uses',
      meta: { title: t('app.router.other-uses') },
      component: () => import('./views/OtherUses/OtherUsesView.vue'),
    },
    {
      path: '/card/:recipe',
      name: 'card',
      meta: { title: t('app.router.recipe-card') },
      component: () => import('./views/Card/CardView.vue'),
    },
    { path: '/rounds', name: 'rounds', meta: { title: t('app.router.rounds') }, component: () => import('./views/Rounds/RoundsView.vue') },
    {
      path: '/rounds/month',
      name: 'month',
      meta: { title: t('app.router.month-rounds') },
      component: () => import('./views/Rounds/MonthView.vue'),
    },
    {
      path: '/notebook',
      name: 'notebook',
      meta: { title: t('app.router.notebook') },
      component: () => import('./views/Notebook/NotebookView.vue'),
    },
    {
      path: '/settings',
      name: 'settings',
      meta: { title: t('app.router.settings') },
      component: () => import('./views/Settings/SettingsView.vue'),
    },
    {
      path: '/welcome',
      name: 'welcome',
      meta: { title: t('app.router.welcome'), bare: true },
      component: () => import('./views/FirstRun/FirstRunView.vue'),
    },
    {
      path: '/:rest(.*)*',
      name: 'missing',
      meta: { title: t('app.router.not-found') },
      component: () => import('./views/NotFound/NotFoundView.vue'),
    },
  ],
})

router.beforeEach(async (to) => {
  const store = useGarden()
  const hasGarden = await store.open()
  if (!hasGarden && to.name !== 'welcome') return { name: 'welcome' }
  if (hasGarden && to.name === 'welcome' && to.query.another === undefined) return { name: 'today' }
  return true
})

router.afterEach((to) => {
  document.title = typeof to.meta.title === 'string' ? t('app.router.nebbia', { title: to.meta.title }) : t('app.router.nebbia-2')
})
