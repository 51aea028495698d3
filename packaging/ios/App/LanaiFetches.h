#import <Foundation/Foundation.h>

NS_ASSUME_NONNULL_BEGIN

/// Fetches messages: when the app comes to the front, and beside that whenever the system lets it, at most every quarter of an hour.
@interface LanaiFetches : NSObject

/// Whether it is known where they are fetched from.
@property (class, nonatomic, readonly) BOOL isKept;

+ (void)begin;

/// From where: an address, and after the end of the line what is sent there.
+ (void)from:(NSString *)said;

/// At once; where nothing is known, or nobody wants messages, nothing happens.
+ (void)now:(void (^)(void))done;

/// When the system has time for it.
+ (void)later;

@end

NS_ASSUME_NONNULL_END
