#import "LanaiApp.h"
#import "LanaiAbilities.h"
#import "LanaiScene.h"

@implementation LanaiApp

// Before anything is shown: the system may have begun the program only to do some work.
- (BOOL)application:(UIApplication *)application didFinishLaunchingWithOptions:(NSDictionary<UIApplicationLaunchOptionsKey, id> *)options
{
    for (Class ability in LanaiAbilities.classes) {
        [ability begin];
    }
    return YES;
}

- (UISceneConfiguration *)application:(UIApplication *)application
    configurationForConnectingSceneSession:(UISceneSession *)session
    options:(UISceneConnectionOptions *)options
{
    UISceneConfiguration *configuration = [UISceneConfiguration configurationWithName:@"App" sessionRole:session.role];
    configuration.delegateClass = [LanaiScene class];
    return configuration;
}

@end
