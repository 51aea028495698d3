import { createRouter, createWebHistory } from 'vue-router'
import AppsPage from './apps/AppsPage.vue'
import SignPage from './sign/SignPage.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'apps', component: AppsPage },
    { path: '/sign-in', name: 'sign-in', component: SignPage },
    { path: '/account', name: 'account', component: () => import('./sign/AccountPage.vue') },
    { path: '/apps/:app/:station(data|screens|people|services|release)?/:part?', name: 'studio', component: () => import('./frame/StudioFrame.vue') },
    { path: '/:rest(.*)', redirect: '/' },
  ],
})
