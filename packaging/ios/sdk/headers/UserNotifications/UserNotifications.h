// What the shell uses of UserNotifications, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

typedef enum : NSUInteger { UNAuthorizationOptionBadge = 1, UNAuthorizationOptionSound = 2, UNAuthorizationOptionAlert = 4 } UNAuthorizationOptions;
typedef enum : NSUInteger {
    UNNotificationPresentationOptionSound = 2,
    UNNotificationPresentationOptionList = 8,
    UNNotificationPresentationOptionBanner = 16,
} UNNotificationPresentationOptions;
enum { UNAuthorizationStatusAuthorized = 2 };

@interface UNNotificationSettings : NSObject
@property (nonatomic, readonly) NSInteger authorizationStatus;
@end
@interface UNNotificationSound : NSObject
@property (class, nonatomic, readonly) UNNotificationSound *defaultSound;
@end
@interface UNNotificationAttachment : NSObject
+ (nullable instancetype)attachmentWithIdentifier:(NSString *)identifier
                                              URL:(NSURL *)url
                                          options:(nullable NSDictionary *)options
                                            error:(NSError *_Nullable *_Nullable)error;
@end
@interface UNNotificationContent : NSObject
@property (nonatomic, readonly, copy) NSDictionary *userInfo;
@end
@interface UNMutableNotificationContent : UNNotificationContent
@property (nonatomic, copy) NSString *title;
@property (nonatomic, copy) NSString *body;
@property (nonatomic, copy) NSString *threadIdentifier;
@property (nonatomic, copy) NSDictionary *userInfo;
@property (nonatomic, copy) NSArray<UNNotificationAttachment *> *attachments;
@property (nullable, nonatomic, copy) UNNotificationSound *sound;
@end
@interface UNNotificationTrigger : NSObject
@end
@interface UNNotificationRequest : NSObject
@property (nonatomic, readonly, copy) UNNotificationContent *content;
+ (instancetype)requestWithIdentifier:(NSString *)identifier content:(UNNotificationContent *)content trigger:(nullable UNNotificationTrigger *)trigger;
@end
@interface UNNotification : NSObject
@property (nonatomic, readonly, copy) UNNotificationRequest *request;
@end
@interface UNNotificationResponse : NSObject
@property (nonatomic, readonly, copy) UNNotification *notification;
@end
@class UNUserNotificationCenter;
@protocol UNUserNotificationCenterDelegate <NSObject>
@optional
- (void)userNotificationCenter:(UNUserNotificationCenter *)center
       willPresentNotification:(UNNotification *)notification
         withCompletionHandler:(void (^)(UNNotificationPresentationOptions options))done;
- (void)userNotificationCenter:(UNUserNotificationCenter *)center
    didReceiveNotificationResponse:(UNNotificationResponse *)response
             withCompletionHandler:(void (^)(void))done;
@end
@interface UNUserNotificationCenter : NSObject
@property (nullable, nonatomic, weak) id<UNUserNotificationCenterDelegate> delegate;
+ (UNUserNotificationCenter *)currentNotificationCenter;
- (void)requestAuthorizationWithOptions:(UNAuthorizationOptions)options completionHandler:(void (^)(BOOL may, NSError *_Nullable error))done;
- (void)getNotificationSettingsWithCompletionHandler:(void (^)(UNNotificationSettings *settings))done;
- (void)addNotificationRequest:(UNNotificationRequest *)request withCompletionHandler:(nullable void (^)(NSError *_Nullable error))done;
@end

#pragma clang assume_nonnull end
