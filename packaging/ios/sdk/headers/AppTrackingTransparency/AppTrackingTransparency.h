// What the shell uses of AppTrackingTransparency, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

typedef enum : NSUInteger { ATTrackingManagerAuthorizationStatusAuthorized = 3 } ATTrackingManagerAuthorizationStatus;
@interface ATTrackingManager : NSObject
+ (void)requestTrackingAuthorizationWithCompletionHandler:(void (^)(ATTrackingManagerAuthorizationStatus status))done;
@end

#pragma clang assume_nonnull end
