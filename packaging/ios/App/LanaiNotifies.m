#import "LanaiNotifies.h"
#import "LanaiApp.h"
#import "LanaiFetches.h"
#import "LanaiScreen.h"
#import "LanaiShows.h"

/// By which the maker of the phone finds it; nil before it has told.
static NSString *phoneToken;

/// Where the parts of the program hear that the phone has told by what it is found.
static NSNotificationName const Found = @"app.lanai.found";

@implementation LanaiNotifies

+ (void)begin
{
    [LanaiShows begin];
    [LanaiFetches begin];
}

- (instancetype)initWithScreen:(LanaiScreen *)screen
{
    self = [super initWithScreen:screen];
    if (self) {
        [NSNotificationCenter.defaultCenter addObserver:self selector:@selector(tapped) name:LanaiTapped object:nil];
        [NSNotificationCenter.defaultCenter addObserver:self selector:@selector(loaded) name:Found object:nil];
    }
    return self;
}

- (NSString *)name
{
    return @"notify";
}

// "ask": whether they may come. "told": the number of the message that was tapped, once. Else where they are fetched from, and after the end of the
// line what is sent there.
- (NSString *)answer:(NSString *)argument
{
    if ([argument isEqualToString:@"told"]) {
        return [LanaiShows takeTapped];
    }
    if ([argument isEqualToString:@"ask"]) {
        [self ask];
        return @"asked";
    }
    [LanaiFetches from:argument];
    [UIApplication.sharedApplication registerForRemoteNotifications];
    return @"kept";
}

- (void)ask
{
    UNAuthorizationOptions options = UNAuthorizationOptionAlert | UNAuthorizationOptionSound | UNAuthorizationOptionBadge;
    [UNUserNotificationCenter.currentNotificationCenter requestAuthorizationWithOptions:options completionHandler:^(BOOL may, NSError *error) {
        dispatch_async(dispatch_get_main_queue(), ^{
            [self.screen tell:may ? @"window.lanaiLeave&&lanaiLeave(true)" : @"window.lanaiLeave&&lanaiLeave(false)"];
        });
    }];
}

// It may be another one each time that the program begins.
- (void)loaded
{
    if (phoneToken != nil) {
        [self.screen tell:[NSString stringWithFormat:@"window.lanaiFound&&lanaiFound('%@')", phoneToken]];
    } else if (LanaiFetches.isKept) {
        [UIApplication.sharedApplication registerForRemoteNotifications];
    }
}

- (void)tapped
{
    [self.screen open:[self takePlace]];
}

- (NSString *)takePlace
{
    return [LanaiShows takePlace];
}

- (void)shown
{
    [LanaiFetches now:^{
    }];
}

- (void)hidden
{
    [LanaiFetches later];
}

@end

@implementation LanaiApp (Notifies)

- (void)application:(UIApplication *)application didRegisterForRemoteNotificationsWithDeviceToken:(NSData *)token
{
    NSMutableString *written = [NSMutableString string];
    const unsigned char *bytes = token.bytes;
    for (NSUInteger i = 0; i < token.length; i++) {
        [written appendFormat:@"%02x", bytes[i]];
    }
    phoneToken = written;
    [NSNotificationCenter.defaultCenter postNotificationName:Found object:nil];
}

@end
