import { createRouter, createWebHistory } from 'vue-router'
import AppsPage from './apps/AppsPage.vue'
import SignPage from './sign/SignPage.vue'
import { stations } from './stations'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'apps', component: AppsPage },
    { path: '/sign-in', name: 'sign-in', component: SignPage },
    { path: '/account', name: 'account', component: () => import('./sign/AccountPage.vue') },
    { path: `/apps/:app/:station(${stations.map((s) => s.key).join('|')})?/:part?`, name: 'studio', component: () => import('./frame/StudioFrame.vue') },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})
