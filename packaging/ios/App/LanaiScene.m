#import "LanaiScene.h"
#import "LanaiScreen.h"

/// By which the system keeps where somebody was when it ends the program.
static NSString *const Left = @"app.lanai.left";

@interface LanaiScene ()
@property (nonatomic) LanaiScreen *screen;
@end

@implementation LanaiScene

- (void)scene:(UIScene *)scene willConnectToSession:(UISceneSession *)session options:(UISceneConnectionOptions *)options
{
    NSString *place = [LanaiScreen placeOfLink:options.userActivities.anyObject.webpageURL];
    place = place ?: [LanaiScreen placeOfLink:options.URLContexts.anyObject.URL];
    place = place ?: session.stateRestorationActivity.userInfo[Left];
    self.screen = [[LanaiScreen alloc] initWithPlace:place];
    self.window = [[UIWindow alloc] initWithWindowScene:(UIWindowScene *)scene];
    self.window.rootViewController = self.screen;
    [self.window makeKeyAndVisible];
}

- (NSUserActivity *)stateRestorationActivityForScene:(UIScene *)scene
{
    NSUserActivity *activity = [[NSUserActivity alloc] initWithActivityType:Left];
    activity.userInfo = @{Left : self.screen.place};
    return activity;
}

- (void)scene:(UIScene *)scene continueUserActivity:(NSUserActivity *)activity
{
    [self.screen cameBy:activity.webpageURL];
}

- (void)scene:(UIScene *)scene openURLContexts:(NSSet<UIOpenURLContext *> *)contexts
{
    [self.screen cameBy:contexts.anyObject.URL];
}

- (void)sceneDidBecomeActive:(UIScene *)scene
{
    [self.screen shown];
}

- (void)sceneWillResignActive:(UIScene *)scene
{
    [self.screen covered];
}

- (void)sceneDidEnterBackground:(UIScene *)scene
{
    [self.screen hidden];
}

@end
