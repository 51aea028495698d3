#import <UserNotifications/UserNotifications.h>

NS_ASSUME_NONNULL_BEGIN

/// Told where a message was tapped.
extern NSNotificationName const LanaiTapped;

/// Shows messages among those of the phone, and keeps which one was tapped until the page has asked.
@interface LanaiShows : NSObject <UNUserNotificationCenterDelegate>

+ (void)begin;

/// Shows one: {"id", "title", "text", "picture", "place", "tag", "channel", "silent"}. Gives its number, or nil where it could not be shown.
+ (void)message:(id)message then:(void (^)(NSString *_Nullable number))then;

/// The number of the message that was tapped, once; empty for none.
+ (NSString *)takeTapped;

/// Where it leads, once; nil for nowhere.
+ (nullable NSString *)takePlace;

@end

NS_ASSUME_NONNULL_END
